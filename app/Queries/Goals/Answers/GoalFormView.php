<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;

final readonly class GoalFormView implements Props
{
    /**
     * @param list<Option> $periods grouped by horizon
     * @param list<Option> $parents grouped by period
     * @param list<PersonTag> $people
     * @param list<Option> $areas
     * @param list<Option> $groups
     * @param list<Option> $longTermGoals
     * @param list<string> $begun periods that have begun: a new goal in one of them can be counted from today
     * @param list<string> $late those of them in which that is proposed
     * @param ?string $brings what comes back from the shelf with it, in words
     */
    public function __construct(
        public GoalValues $goal,
        public array $periods,
        public array $parents,
        public array $people,
        public array $areas,
        public array $groups,
        public array $longTermGoals,
        public array $begun,
        public array $late,
        public ?string $brings,
    ) {
    }
}
