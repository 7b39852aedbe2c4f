<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Props;
use Loftrin\Core\Reviews\FindingLevel;

/** An answer of a review, wherever it is read again. */
final readonly class AnswerLine implements Props
{
    /**
     * @param string $key of the question
     * @param string $period in whose review it was written
     * @param ?FindingLevel $level to which review it goes up
     */
    public function __construct(
        public int $id,
        public string $key,
        public string $question,
        public string $words,
        public string $period,
        public ?FindingLevel $level,
    ) {
    }
}
