<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\LeftOut;

/** One task's part of a project's progress, or of that of a goal's direct tasks. Rules: computation 2 and 3. */
final readonly class TaskShare
{
    /**
     * @param Fraction $weight 0 where it is left out
     * @param Fraction $progress 0 to 1
     * @param Fraction $points its part of the figure, 0 to 1
     * @param ?LeftOut $leftOut why it does not count
     * @param ?Day $since the day from which it does not
     */
    private function __construct(
        public Task $task,
        public Fraction $weight,
        public Fraction $progress,
        public Fraction $points,
        public ?LeftOut $leftOut = null,
        public ?Day $since = null,
    ) {
    }

    /**
     * The tasks that exist on the day, each with what it gives: the points add up to the progress.
     *
     * @param list<Task> $tasks
     *
     * @return list<self>
     */
    public static function of(Weighing $weighing, array $tasks, Day $on): array
    {
        $heaps = [];

        foreach ($tasks as $task) {
            if ($task->life->isInScopeOn($on)) {
                $heaps[] = new Heap(1, $task->fractionOn($on), $task->minutes);
            }
        }

        $total = $weighing->tally($heaps)->total;
        $weightOf = $weighing->weights($heaps);
        $shares = [];

        foreach ($tasks as $task) {
            if ($task->life->isInScopeOn($on)) {
                $weight = $weightOf($task->minutes);
                $fraction = $task->fractionOn($on);
                $shares[] = new self($task, $weight, $fraction, $fraction->times($weight)->over($total));
            } elseif ($task->life->existsOn($on)) {
                $isDropped = $task->life->isDroppedOn($on);
                $shares[] = new self(
                    task: $task,
                    weight: Fraction::zero(),
                    progress: Fraction::zero(),
                    points: Fraction::zero(),
                    leftOut: $isDropped ? LeftOut::Dropped : LeftOut::Shelved,
                    since: $isDropped ? $task->life->droppedOn : $task->life->shelvedOn,
                );
            }
        }

        return $shares;
    }
}
