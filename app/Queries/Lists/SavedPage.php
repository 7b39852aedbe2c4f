<?php

declare(strict_types=1);

namespace App\Queries\Lists;

use App\Models\Person;
use App\Models\SavedList;
use App\Models\Task;
use App\Models\Visibility;
use App\Models\Workspace;
use App\Queries\Lists\Answers\ListCount;
use App\Queries\Lists\Answers\ListGroup;
use App\Queries\Lists\Answers\SavedTag;
use App\Queries\Lists\Answers\SavedView;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Parts\Choices;
use App\Queries\Parts\ListedTask;
use App\Queries\Parts\Standing;
use App\Queries\Plan\StoredPlans;
use App\Queries\Plan\Threads;
use App\Store\Question;
use App\Store\Remembered;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Day;

/** A saved list, or one that is being built: its conditions, and what they find for the reader. */
final readonly class SavedPage
{
    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private FoundTasks $found,
        private Fields $fields,
        private OwnTasks $own,
        private Choices $choices,
        private Remembered $remembered,
    ) {
    }

    /**
     * Kept until anything is changed, unless something was typed, which is seldom asked for again.
     *
     * @param int $shown how many of its tasks at most
     */
    public function of(Person $viewer, ?SavedList $list, BuiltList $built, int $gap, Day $since, int $shown): SavedView
    {
        $work = fn(): SavedView => $this->workOut($viewer, $list, $built, $gap, $since, $shown);
        $asked = json_encode([$list?->id, $built, $gap, (string) $since, $shown], JSON_THROW_ON_ERROR);

        return $built->isTyped() ? $work() : $this->remembered->of(Question::by($viewer, 'tasks found', $asked), $work);
    }

    private function workOut(Person $viewer, ?SavedList $list, BuiltList $built, int $gap, Day $since, int $shown): SavedView
    {
        $fields = $this->fields->for($viewer);
        $query = $this->found->by($built->conditions, $viewer);
        $counts = $this->own->counts($viewer, $gap, $since);

        return new SavedView(
            id: $list?->id,
            title: $list->title ?? '',
            isShared: $list?->visibility === Visibility::Everyone,
            isMine: $list === null || $list->owner_id === $viewer->id,
            owner: $list === null ? $viewer->name : $list->owner->name,
            conditions: $built->conditions,
            sort: $built->sort,
            group: $built->group,
            sentence: (new Sentence($fields))->of($built->conditions),
            fields: $fields,
            lists: ListCount::all($counts),
            saved: SavedTag::all($viewer),
            groups: $this->groups(ListedTask::all($this->sorted(clone $query, $built->sort)->limit($shown)), $built->group, $viewer),
            total: $query->count(),
            people: PersonTag::all(),
        );
    }

    /**
     * @param Builder<Task> $query
     *
     * @return Builder<Task>
     */
    private function sorted(Builder $query, ListSort $sort): Builder
    {
        return match ($sort) {
            ListSort::Due => $query->orderByRaw('due_on is null, due_on')->orderByRaw('rank is null, rank')->orderBy('id'),
            ListSort::Planned => $query->orderByRaw('planned_from is null, planned_from')->orderBy('id'),
            ListSort::Rank => $query->orderByRaw('rank is null, rank')->orderByRaw('due_on is null, due_on')->orderBy('id'),
            ListSort::Minutes => $query->orderByRaw('minutes is null, minutes')->orderBy('id'),
            ListSort::Age => $query->orderBy('created_on')->orderBy('id'),
            ListSort::Changed => $query->orderByDesc('changed_on')->orderByDesc('id'),
            ListSort::Title => $query->orderByRaw('lower(title)')->orderBy('id'),
        };
    }

    /**
     * @param list<ListedTask> $tasks
     *
     * @return list<ListGroup>
     */
    private function groups(array $tasks, ?ListGrouping $group, Person $viewer): array
    {
        $threads = $this->plans->threads($viewer);
        $groups = [];

        foreach ($tasks as $task) {
            $groups[$this->heading($task, $group, $threads)][] = TaskRow::of($task, $threads, $this->workspace);
        }

        if ($group !== null) {
            ksort($groups, SORT_NATURAL | SORT_FLAG_CASE);
        }

        return ListGroup::under($groups);
    }

    private function heading(ListedTask $task, ?ListGrouping $group, Threads $threads): string
    {
        $goal = $task->goalTitleFor($threads);

        return match ($group) {
            null => '',
            ListGrouping::Owner => $task->owner->name,
            ListGrouping::Project => $task->projectTitle ?? ($goal ?? 'No project'),
            ListGrouping::Area => $this->area($task->projectArea ?? ($goal === null ? null : $task->goalArea)) ?? 'No area',
            ListGrouping::Rank => $task->rank === null ? 'Not ranked' : "Rank {$task->rank->value}",
            ListGrouping::Place => $task->place ?? 'Anywhere',
            ListGrouping::Focus => $task->focus === null ? 'Focus not set' : ucfirst($task->focus->value).' focus',
            ListGrouping::Planned => Standing::of($task, $this->workspace)->in ?? 'Not scheduled',
            ListGrouping::Due => $task->due_on === null ? 'No due date' : $this->workspace->calendar()->weekOf($task->due_on)->name,
        };
    }

    private function area(?int $id): ?string
    {
        foreach ($this->choices->areas() as $area) {
            if ($area->value === (string) $id) {
                return $area->label;
            }
        }

        return null;
    }
}
