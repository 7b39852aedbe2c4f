<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Goal;

/** What was done in a span, and whether it served the goals, in minutes. Rules: computation 7. */
final readonly class Ledger
{
    /** What a task without an estimate weighs, in minutes. */
    public const USUAL_MINUTES = 30;

    /**
     * @param array<string, Fraction> $byGoal minutes by the top goal of the thread
     * @param array<string, Fraction> $byArea minutes by area; those with none under ""
     * @param array<string, list<string>> $tasksByGoal ids of the tasks behind each of these; those that are not threaded under ""
     * @param array<string, list<string>> $tasksByArea
     */
    private function __construct(
        public Fraction $minutes,
        public Fraction $threaded,
        public array $byGoal,
        public array $byArea,
        public array $tasksByGoal,
        public array $tasksByArea,
    ) {
    }

    /**
     * @param iterable<Task> $tasks those done outside the span are passed over
     * @param array<array-key, Project> $projects
     * @param array<array-key, RecurringTask> $recurringTasks
     * @param array<array-key, Goal> $goals
     */
    public static function of(Span $span, iterable $tasks, array $projects, array $recurringTasks, array $goals): self
    {
        $total = Fraction::zero();
        $threaded = Fraction::zero();
        $byGoal = [];
        $byArea = [];
        $tasksByGoal = [];
        $tasksByArea = [];

        foreach ($tasks as $task) {
            if ($task->life->doneOn === null || ! $span->holds($task->life->doneOn)) {
                continue;
            }

            $minutes = $task->minutes ?? Fraction::of(self::USUAL_MINUTES);
            $project = $projects[$task->project ?? ''] ?? null;
            $area = ($project !== null ? $project->area : ($goals[$task->goal ?? ''] ?? null)?->area) ?? '';
            $total = $total->plus($minutes);
            $byArea[$area] = ($byArea[$area] ?? Fraction::zero())->plus($minutes);
            $tasksByArea[$area][] = $task->id;
            $links = self::links($task, $project, $recurringTasks[$task->recurringTask ?? ''] ?? null);

            if ($links === []) {
                $tasksByGoal[''][] = $task->id;

                continue;
            }

            $threaded = $threaded->plus($minutes);
            $weights = array_reduce(
                $links,
                static fn(Fraction $sum, Contribution $link): Fraction => $sum->plus($link->weight),
                Fraction::zero(),
            );

            foreach ($links as $link) {
                $top = ($goals[$link->goal] ?? null)?->topAmong($goals)->id ?? $link->goal;
                $part = $minutes->times($link->weight)->over($weights);
                $byGoal[$top] = ($byGoal[$top] ?? Fraction::zero())->plus($part);
                $tasksByGoal[$top][$task->id] = $task->id;
            }
        }

        return new self(
            minutes: $total,
            threaded: $threaded,
            byGoal: $byGoal,
            byArea: $byArea,
            tasksByGoal: array_map(array_values(...), $tasksByGoal),
            tasksByArea: $tasksByArea,
        );
    }

    /** Threaded ÷ total, 0 to 1; null with nothing done. */
    public function alignment(): ?Fraction
    {
        return $this->minutes->isZero() ? null : $this->threaded->over($this->minutes);
    }

    /** @return list<Contribution> */
    private static function links(Task $task, ?Project $project, ?RecurringTask $recurringTask): array
    {
        return match (true) {
            $task->goal !== null => [new Contribution($task->goal)],
            $project !== null && $project->serves !== [] => $project->serves,
            default => $recurringTask->serves ?? [],
        };
    }
}
