<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Queries\Props;

/** What carries a goal, what it rests on, and what is left undone for it. */
final readonly class GoalParts implements Props
{
    /**
     * @param bool $mayChange whether the reader may change them: while the goal is open, its owner and the leads
     * @param list<MainEffortRow> $efforts
     * @param list<AssumptionRow> $assumptions by the day of their test
     * @param list<TradeOffRow> $tradeOffs
     */
    public function __construct(
        public GoalTag $goal,
        public bool $mayChange,
        public array $efforts,
        public array $assumptions,
        public array $tradeOffs,
    ) {
    }

    /** As it is shown in a person's week: of the efforts their own, and those that got some of it. */
    public function ofWeekOf(int $person): self
    {
        return new self(
            $this->goal,
            $this->mayChange,
            array_values(
                array_filter(
                    $this->efforts,
                    static fn(MainEffortRow $effort): bool => $effort->person->id === $person || ($effort->minutes ?? 0) > 0,
                ),
            ),
            $this->assumptions,
            $this->tradeOffs,
        );
    }

    public function isEmpty(): bool
    {
        return $this->efforts === [] && $this->assumptions === [] && $this->tradeOffs === [];
    }
}
