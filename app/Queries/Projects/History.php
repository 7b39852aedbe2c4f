<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Models\Milestone;
use App\Models\Person;
use App\Models\Project;
use App\Models\Relations\Everybody;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Projects\Answers\HistoryRow;
use App\Store\MadeChange;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Work\ProjectState;
use Spatie\Activitylog\Models\Activity;

/**
 * Who changed what in a project, newest first. The words are made from what was changed, not from where it was changed: that may be
 * private.
 */
final readonly class History
{
    private const SHOWN = 30;

    /** What a task's column says when it is filled, and when it is emptied. */
    private const OF_TASK = [
        'done_on' => ['ticked', 'unticked'],
        'dropped_on' => ['dropped', 'restored'],
        'shelved_on' => ['shelved', 'restored'],
        'owner_id' => ['handed over', 'handed over'],
        'stage_id' => ['moved', 'moved'],
        'planned' => ['planned', 'unscheduled'],
        'due_on' => ['set the due date of', 'cleared the due date of'],
        'waiting_on' => ['marked as waiting', 'stopped waiting for'],
        'checked_by_id' => ['asked for a check of', 'ended the check of'],
        'title' => ['renamed', 'renamed'],
        'project_id' => ['moved here', 'moved away'],
    ];

    private const OF_PROJECT = [
        'status_line' => 'updated the status',
        'learned' => 'added what was learned',
        'owner_id' => 'handed it over',
        'due_on' => 'moved its due date',
        'starts_on' => 'moved its start',
        'title' => 'renamed it',
        'visibility' => 'changed to whom it is visible',
    ];

    public function __construct(private Workspace $workspace, private Everybody $everybody)
    {
    }

    /**
     * @param Project $project its milestones are loaded
     * @param array<int, string> $tasks titles of all of them, by id
     *
     * @return list<HistoryRow>
     */
    public function of(Project $project, array $tasks, Person $viewer): array
    {
        $entries = Activity::query()
            ->where(
                static fn(Builder $either) => $either
                    ->where(static fn(Builder $itself) => $itself->where('subject_type', Project::class)->where('subject_id', $project->id))
                    ->orWhere(
                        static fn(Builder $task) => $task
                            ->where('subject_type', Task::class)
                            ->whereIn('subject_id', Task::query()->where('project_id', $project->id)->select('id')),
                    )
                    ->orWhere(
                        static fn(Builder $milestone) => $milestone
                            ->where('subject_type', Milestone::class)
                            ->whereIn('subject_id', Milestone::query()->where('project_id', $project->id)->select('id')),
                    ),
            )
            ->whereNotNull('causer_id')
            ->orderByDesc('id')
            ->limit(2 * self::SHOWN)
            ->get();
        $people = $this->everybody->all();
        $own = MadeChange::undoable($viewer, $entries->pluck('batch_uuid')->all());
        $rows = [];

        foreach ($entries as $entry) {
            $words = $this->words($entry);
            $by = $people->get($entry->causer_id);

            if ($words !== null && $by !== null && $entry->created_at !== null) {
                $rows[] = new HistoryRow(
                    id: $entry->id,
                    batch: (string) $entry->batch_uuid,
                    by: PersonTag::of($by),
                    on: $this->workspace->wallDay($entry->created_at),
                    words: $words,
                    what: match ($entry->subject_type) {
                        Task::class => $tasks[(int) $entry->subject_id] ?? null,
                        Milestone::class => $project->milestones->find($entry->subject_id)?->title,
                        default => null,
                    },
                    mayUndo: in_array($entry->batch_uuid, $own, true),
                );
            }
        }

        return array_slice($rows, 0, self::SHOWN);
    }

    /** Null for what needs no notification: a place in the order, a count kept. */
    private function words(Activity $entry): ?string
    {
        $now = $entry->properties?->get('now');
        $now = is_array($now) ? $now : [];

        return match (true) {
            $entry->subject_type === Project::class => $entry->event === 'created' ? 'started it' : $this->ofProject($now),
            $entry->event === 'created' => 'added',
            $entry->event === 'deleted' => 'removed',
            $entry->subject_type === Milestone::class => array_key_exists('reached_on', $now)
                ? ($now['reached_on'] === null
                    ? 'no longer counts as reached'
                    : 'reached')
                : 'moved the milestone',
            default => $this->ofTask($now),
        };
    }

    /** @param array<array-key, mixed> $now */
    private function ofProject(array $now): ?string
    {
        if (isset($now['state'])) {
            return match (is_string($now['state']) ? ProjectState::tryFrom($now['state']) : null) {
                ProjectState::Done => 'closed it',
                ProjectState::Paused => 'paused it',
                ProjectState::Dropped => 'dropped it',
                ProjectState::Shelved => 'shelved it',
                ProjectState::Proposed => 'proposed it',
                default => 'activated it',
            };
        }

        return array_values(array_intersect_key(self::OF_PROJECT, $now))[0] ??
            (array_intersect(Project::CHARTER, array_keys($now)) === [] ? null : 'changed the charter');
    }

    /** @param array<array-key, mixed> $now */
    private function ofTask(array $now): ?string
    {
        $column = array_key_first(array_intersect_key(self::OF_TASK, $now));
        $others = array_diff_key(
            $now,
            array_flip(['position', 'changed_on', 'carried', 'planned_from', 'planned_to', 'put_back_on', 'updated_at', 'stage_before_id']),
        );

        return match (true) {
            $column !== null => self::OF_TASK[$column][$now[$column] === null ? 1 : 0],
            $others !== [] => 'changed',
            array_keys(array_diff_key($now, ['changed_on' => true])) === ['position'] && isset($now['changed_on']) => 'moved',
            default => null,
        };
    }
}
