<?php

declare(strict_types=1);

namespace App\Queries\Week;

use App\Models\Person;
use App\Models\Relations\CanStart;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Parts\Address;
use App\Queries\Parts\Answers\Option;
use App\Queries\Plan\CoreRecords;
use App\Queries\Plan\OutlinedGoal;
use App\Queries\Plan\StoredTallies;
use App\Queries\Plan\Threads;
use App\Queries\Week\Answers\WhenDone;
use Loftrin\Core\Fraction;
use Loftrin\Core\Work\Weighing;
use stdClass;

/** What stands around a task: what it is for, up to the goal at the top, and what its end will move. */
final readonly class AroundTask
{
    public function __construct(private Workspace $workspace)
    {
    }

    /**
     * The thread from the goal at the top down to the project, of what the reader may see.
     *
     * @return list<Option> addresses and titles
     */
    public function thread(Task $task, Threads $threads): array
    {
        $path = [];
        $link = $task->project?->currentContributions->first()?->goal_id;
        $goal = $threads->goal($task->goal_id ?? $link ?? $task->recurringTask?->currentContributions->first()?->goal_id);

        while ($goal instanceof OutlinedGoal && count($path) < 12) {
            array_unshift($path, new Option(Address::ofGoal($goal->id), $goal->title));
            $goal = $threads->goal($goal->parent);
        }

        $project = $task->project;

        return $project === null ? $path : [...$path, new Option(Address::ofProject($project->id), $project->title)];
    }

    /** Null of a task that is over, or whose end moves nothing. */
    public function whenDone(Task $task, Person $viewer): ?WhenDone
    {
        if (! $task->isOpen()) {
            return null;
        }

        $starts = $this->starts($task, $viewer);
        $shares = $this->shares($task);

        return $starts === [] && $shares === null
            ? null
            : new WhenDone($shares === null ? null : $task->project?->title, $shares[0] ?? null, $shares[1] ?? null, $starts);
    }

    /**
     * The progress of its project, now and with this one done; null where its weight is not known yet. Rules: computation 2.
     *
     * @return ?array{int, int} per cent
     */
    private function shares(Task $task): ?array
    {
        $project = $task->project;
        $weight = $project?->weighing === Weighing::Effort ? $task->minutes : 1;

        if ($project === null || $weight === null) {
            return null;
        }

        $today = $this->workspace->today();
        $core = CoreRecords::project($project->loadMissing(['stages', 'contributions']));
        $tallies = new StoredTallies([$core->id => $core->weighing], [], []);
        $tallies->prepare([$today]);
        $tally = $tallies->ofProject($core->id, $today);
        $progress = $tally->progress();

        if ($progress === null) {
            return null;
        }

        $own = CoreRecords::task($task->loadMissing(CoreRecords::TASK))->fractionOn($today);
        $after = $tally->done->plus(Fraction::one()->minus($own)->times(Fraction::of($weight)))->over($tally->total);

        return [$progress->percent(), $after->percent()];
    }

    /** @return list<Option> tasks that only depend on this one, and could start otherwise */
    private function starts(Task $task, Person $viewer): array
    {
        $canStart = new CanStart($this->workspace->today());

        return array_values(
            Task::query()
                ->visibleTo($viewer)
                ->whereNull('waiting_on')
                ->whereRaw($canStart->isOpen())
                ->whereRaw($canStart->isItsTurn())
                ->whereHas('dependencies', static fn($link) => $link->where('after_id', $task->id))
                ->whereRaw("not exists ({$canStart->dependsOn('1')} and o.id <> ?)", [$task->id])
                ->orderBy('position')
                ->orderBy('id')
                ->toBase()
                ->get(['id', 'title'])
                ->map(static fn(stdClass $row): Option => new Option(route('tasks.show', $row->id, false), (string) $row->title))
                ->all(),
        );
    }
}
