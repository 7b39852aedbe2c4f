<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Queries\Parts\Answers\Option;
use App\Queries\Props;
use Loftrin\Core\Goals\Result;

/** What there is to say as a goal is closed: what the figures propose, and what it would leave open. */
final readonly class ClosingOffer implements Props
{
    /** Said of a number or a count that has come to its target. */
    public const COMPLETE = 'Its target is reached: nothing is left to carry over.';

    /**
     * @param ?Result $proposed what the figures propose: it is for somebody to say
     * @param ?string $because why
     * @param bool $isLateToStop whether so much of its period is over that “not met” is proposed in place of stopping it
     * @param ?string $complete why nothing of it can be carried over: a number or a count that has come to its target
     * @param string $next the period in which it would go on
     * @param list<string> $projects titles of the open ones that serve it
     * @param int $tasks its open tasks
     * @param int $recurringTasks that contribute to it
     * @param int $beneath open goals beneath it
     * @param ?GoalTag $leaves the goal that it contributes to now, whose period ends before the next one
     * @param list<Option> $parents what it can contribute to then, where that has to be asked
     * @param ?int $parent which of these carries on the one of now
     */
    public function __construct(
        public ?Result $proposed,
        public ?string $because,
        public bool $isLateToStop,
        public ?string $complete,
        public string $next,
        public array $projects,
        public int $tasks,
        public int $recurringTasks,
        public int $beneath,
        public ?GoalTag $leaves = null,
        public array $parents = [],
        public ?int $parent = null,
    ) {
    }
}
