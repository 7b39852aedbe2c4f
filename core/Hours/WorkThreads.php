<?php

declare(strict_types=1);

namespace Loftrin\Core\Hours;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Goal;
use Loftrin\Core\Work\Contribution;
use Loftrin\Core\Work\Links;
use Loftrin\Core\Work\Project;
use Loftrin\Core\Work\RecurringTask;
use Loftrin\Core\Work\Task;

/** What work that was done led to: through the links that count on that day, up to the goal at the top. Rules: computation 7. */
final class WorkThreads
{
    private readonly Links $links;

    /** @var array<array-key, string> the goal at the top of the thread, by goal: those met so far */
    private array $tops = [];

    /**
     * @param array<array-key, Project> $projects by id
     * @param array<array-key, RecurringTask> $recurringTasks by id
     * @param array<array-key, Goal> $goals by id
     */
    public function __construct(
        private readonly array $projects,
        private readonly array $recurringTasks,
        private readonly array $goals,
    ) {
        $this->links = new Links(array_map(static fn(Goal $goal): Span => $goal->period->span, $goals));
    }

    /** @param Day $on on which it was done */
    public function entry(Task $task, Day $on): LedgerEntry
    {
        $own = $this->links->countingOn($task->stays, $on);
        $project = $this->projects[$task->project ?? ''] ?? null;
        $area = $project !== null || $own === [] ? $project?->area : ($this->goals[$own[0]->goal] ?? null)?->area;

        return new LedgerEntry(
            task: $task->id,
            on: $on,
            minutes: $task->minutes ?? Fraction::of(Task::USUAL_MINUTES),
            goals: $this->shares($own !== [] ? $own : $this->throughOthers($task, $project, $on)),
            area: $area ?? '',
            effort: $task->effort ?? '',
            person: $task->owner ?? '',
        );
    }

    /** @return list<Contribution> those of its project, or else those of its recurring task */
    private function throughOthers(Task $task, ?Project $project, Day $on): array
    {
        $ofProject = $this->links->countingOn($project->serves ?? [], $on);
        $recurringTask = $this->recurringTasks[$task->recurringTask ?? ''] ?? null;

        return $ofProject !== [] ? $ofProject : $this->links->countingOn($recurringTask->serves ?? [], $on);
    }

    /**
     * @param list<Contribution> $links
     *
     * @return array<array-key, Fraction> by the goal at the top, 0 to 1 each: split by the weight of the links
     */
    private function shares(array $links): array
    {
        $weights = array_reduce(
            $links,
            static fn(Fraction $sum, Contribution $link): Fraction => $sum->plus($link->weight),
            Fraction::zero(),
        );
        $shares = [];

        foreach ($links as $link) {
            $top = $this->tops[$link->goal] ??= ($this->goals[$link->goal] ?? null)?->topAmong($this->goals)->id ?? $link->goal;
            $shares[$top] = ($shares[$top] ?? Fraction::zero())->plus($link->weight->over($weights));
        }

        return $shares;
    }
}
