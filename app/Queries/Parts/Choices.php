<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use App\Models\Area;
use App\Models\Collection;
use App\Models\Field;
use App\Models\Goal;
use App\Models\Group;
use App\Models\LongTermGoal;
use App\Models\Person;
use App\Models\Project;
use App\Models\Record;
use App\Models\RecurringTask;
use App\Models\Series;
use App\Models\Template;
use App\Models\Workspace;
use App\Queries\Parts\Answers\Option;
use App\Queries\Plan\Beneath;
use App\Store\Question;
use App\Store\Remembered;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Work\ProjectState;
use stdClass;

/** What forms let one choose from. */
final readonly class Choices
{
    public function __construct(private Workspace $workspace, private Remembered $remembered)
    {
    }

    /**
     * Open goals of this year and later that the viewer may see, the long ones first, grouped by period.
     *
     * @return list<Option>
     */
    public function goals(Person $viewer, ?int $except = null): array
    {
        return $this->ofGoals(
            Goal::query()
                ->visibleTo($viewer)
                // A goal can be beneath none that is beneath it.
                ->when(
                    $except !== null,
                    static fn(Builder $query) => $query->whereRaw('not ('.Beneath::holds('goals.id').')', [$except]),
                ),
        );
    }

    /** @return list<Option> the same, of those that all may see: for what several people look at together */
    public function openGoals(): array
    {
        return $this->ofGoals(Goal::query()->openToAll());
    }

    /**
     * @param Builder<Goal> $goals
     *
     * @return list<Option>
     */
    private function ofGoals(Builder $goals): array
    {
        $since = $this->workspace->calendar()->yearOf($this->workspace->today())->span->first;

        return array_values(
            $goals
                ->whereNull('closed_on')
                ->where('ends_on', '>=', (string) $since)
                ->orderByRaw("case horizon when 'year' then 0 when 'quarter' then 1 when 'month' then 2 else 3 end")
                ->orderBy('anchor_on')
                ->orderBy('id')
                ->get()
                ->map(static fn(Goal $goal): Option => new Option((string) $goal->id, $goal->title, $goal->period))
                ->all(),
        );
    }

    /** @return list<Option> those that are open and that the viewer may see, by name */
    public function projects(Person $viewer): array
    {
        return $this->ofProjects("open projects of $viewer->id", Project::query()->visibleTo($viewer));
    }

    /** @return list<Option> the same, of those that all may see: for what several people look at together */
    public function openProjects(): array
    {
        return $this->ofProjects('open projects', Project::query()->openToAll());
    }

    /**
     * @param Builder<Project> $projects
     *
     * @return list<Option>
     */
    private function ofProjects(string $what, Builder $projects): array
    {
        return $this->kept($what, $projects->whereIn('state', ProjectState::OPEN)->orderBy('title'), 'title');
    }

    /** @return list<Option> meetings that the viewer may know of, by name */
    public function meetings(Person $viewer, ?int $except = null): array
    {
        return array_values(
            Series::query()
                ->visibleTo($viewer)
                ->when($except !== null, static fn(Builder $query) => $query->whereKeyNot($except))
                ->orderBy('title')
                ->orderBy('id')
                ->get()
                ->map(static fn(Series $series): Option => new Option((string) $series->id, $series->title))
                ->all(),
        );
    }

    /** @return list<Option> recurring tasks kept for the team, by title, with their rhythm */
    public function shared(): array
    {
        return array_values(
            RecurringTask::query()
                ->where('is_shared', true)
                ->whereNull('ended_on')
                ->orderBy('title')
                ->get()
                ->map(
                    static fn(RecurringTask $recurringTask): Option => new Option(
                        (string) $recurringTask->id,
                        "{$recurringTask->title}, {$recurringTask->words}",
                    ),
                )
                ->all(),
        );
    }

    /** @return list<Option> */
    public function areas(): array
    {
        return $this->kept('areas', Area::query()->orderBy('name'), 'name');
    }

    /** @return list<Option> of projects, by title */
    public function collections(): array
    {
        return $this->kept('collections', Collection::query()->orderBy('title'), 'title');
    }

    /** @return list<Option> by title */
    public function templates(): array
    {
        return $this->kept('templates', Template::query()->orderBy('title'), 'title');
    }

    /** @return list<Option> of one's own, by name */
    public function fields(): array
    {
        return $this->kept('fields', Field::query()->orderBy('name'), 'name');
    }

    /** @return list<Option> the next one first */
    public function longTermGoals(): array
    {
        return $this->kept('longTermGoals', LongTermGoal::query()->orderBy('on'), 'title');
    }

    /** @return list<Option> */
    public function groups(): array
    {
        return $this->kept('groups', Group::query()->orderBy('name'), 'name');
    }

    /**
     * What seldom changes: kept until anything does.
     *
     * @param Builder<covariant Record> $records
     * @param 'name'|'title' $label
     *
     * @return list<Option>
     */
    private function kept(string $what, Builder $records, string $label): array
    {
        return $this->remembered->of(
            Question::ofAll('choice', $what),
            static fn(): array => array_values(
                $records
                    ->toBase()
                    ->get(['id', $label])
                    ->map(static fn(stdClass $row): Option => new Option((string) $row->id, (string) $row->$label))
                    ->all(),
            ),
        );
    }
}
