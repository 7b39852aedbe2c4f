<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;

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
     * @param array<array-key, Day> $came by task: when it came to where it is counted, which counts what was left of it then
     *
     * @return list<self>
     */
    public static function of(Weighing $weighing, array $tasks, Day $on, array $came = []): array
    {
        $heaps = [];
        $total = Fraction::zero();
        $done = static fn(Task $task): Fraction => isset($came[$task->id]) ? $task->fractionOn($came[$task->id]) : Fraction::zero();

        foreach ($tasks as $task) {
            if ($task->life->isInScopeOn($on)) {
                $heaps[] = new Heap(1, $task->fractionOn($on), $task->minutes);
            }
        }

        $weightOf = $weighing->weights($heaps);
        $left = static fn(Task $task): Fraction => $weightOf($task->minutes)->times(Fraction::one()->minus($done($task)));
        $shares = [];

        foreach ($tasks as $task) {
            $total = $task->life->isInScopeOn($on) ? $total->plus($left($task)) : $total;
        }

        foreach ($tasks as $task) {
            if ($task->life->isInScopeOn($on)) {
                $given = $weightOf($task->minutes)->times($task->fractionOn($on)->minus($done($task)));
                $shares[] = new self(
                    task: $task,
                    weight: $left($task),
                    progress: $left($task)->isZero() ? Fraction::one() : $given->over($left($task)),
                    points: $total->isZero() ? Fraction::zero() : $given->over($total),
                );
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
