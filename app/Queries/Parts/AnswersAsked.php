<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Day\LogTag;

/** Which of all that a person wrote is asked for. */
final readonly class AnswersAsked
{
    /**
     * @param string $words that stand in it; '' for any
     * @param ?string $key of one question
     * @param ?LogTag $tag of the line; of an answer, whether it was kept as a finding
     * @param ?int $goal that it is about
     * @param ?Day $from the last day that it is of, at the earliest
     * @param ?Day $until the same, at the latest
     */
    public function __construct(
        public string $words = '',
        public ?string $key = null,
        public ?LogTag $tag = null,
        public ?int $goal = null,
        public ?Day $from = null,
        public ?Day $until = null,
    ) {
    }

    /** Whether what is of a day belongs to it. */
    public function holds(Day $day): bool
    {
        return ($this->from === null || ! $day->isBefore($this->from)) && ($this->until === null || ! $day->isAfter($this->until));
    }

    /** Whether only answers of reviews can be meant. */
    public function isOfReviews(): bool
    {
        return $this->key !== null || $this->goal !== null;
    }
}
