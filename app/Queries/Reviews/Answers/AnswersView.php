<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Parts\Answers\AnswerLine;
use App\Queries\Parts\Answers\Option;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Day\LogTag;

/** What somebody ever wrote, as far as it is asked for. */
final readonly class AnswersView implements Props
{
    /**
     * @param string $words that are looked for
     * @param ?string $key of the one question that is read
     * @param ?int $goal that it is about
     * @param list<AnswerLine> $answers newest first
     * @param list<Option> $questions that were ever answered
     * @param list<Option> $goals that any answer is about
     */
    public function __construct(
        public string $words,
        public ?string $key,
        public ?LogTag $tag,
        public ?int $goal,
        public ?Day $from,
        public ?Day $until,
        public array $answers,
        public array $questions,
        public array $goals,
    ) {
    }
}
