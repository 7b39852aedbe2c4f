<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Parts\Answers\Option;
use App\Queries\Props;

/** Everything somebody ever answered, by question or by words. */
final readonly class AnswersView implements Props
{
    /**
     * @param string $words that are looked for
     * @param ?string $key of the one question that is read
     * @param bool $onlyFindings whether only what was marked is read
     * @param list<AnswerLine> $answers newest first
     * @param list<Option> $questions that were ever answered
     */
    public function __construct(
        public string $words,
        public ?string $key,
        public bool $onlyFindings,
        public array $answers,
        public array $questions,
    ) {
    }
}
