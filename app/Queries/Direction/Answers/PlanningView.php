<?php

declare(strict_types=1);

namespace App\Queries\Direction\Answers;

use App\Queries\Direction\PlanningStep;
use App\Queries\Goals\Answers\ClosedGoal;
use App\Queries\Goals\Answers\GoalParts;
use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Parts\Answers\AnswerLine;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** The planning of a year, a quarter, a month or some weeks, with what one of its steps shows: what belongs to other steps is empty. */
final readonly class PlanningView implements Props
{
    /**
     * @param list<PlanningStep> $steps in order
     * @param StretchTag $before as long a stretch, right before it
     * @param list<GoalRow> $unfinished goals of before that are open
     * @param list<ClosedGoal> $results what became of the others
     * @param list<GoalParts> $tried what carried the goals of the stretch before
     * @param ?LongTerm $longTerm
     * @param ?DirectionView $direction of a year
     * @param list<GoalAbove> $above those placed in it first
     * @param list<PlannedGoal> $alone goals of the stretch that hang on none of those
     * @param list<GoalParts> $parts what carries the goals of the stretch
     * @param list<LoadRow> $load by person
     * @param list<ShelfRow> $shelf what is to be looked at again by its end
     * @param list<PersonTag> $people
     * @param list<AnswerLine> $written what one wrote in reviews about the goals that this step is about
     */
    public function __construct(
        public StretchTag $stretch,
        public PlanningStep $step,
        public array $steps,
        public ?Day $finishedOn,
        public StretchTag $before,
        public StretchTag $next,
        public array $unfinished,
        public array $results,
        public array $tried,
        public ?LongTerm $longTerm,
        public ?DirectionView $direction,
        public array $above,
        public array $alone,
        public array $parts,
        public array $load,
        public array $shelf,
        public array $people,
        public array $written,
    ) {
    }
}
