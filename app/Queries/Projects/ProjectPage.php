<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Models\CollectionItem;
use App\Models\Contribution;
use App\Models\Field;
use App\Models\Person;
use App\Models\Project;
use App\Models\Stage;
use App\Models\Template;
use App\Models\Viewer;
use App\Models\Workspace;
use App\Queries\Goals\Answers\ForecastView;
use App\Queries\Goals\GoalRows;
use App\Queries\Meetings\MeetingsOf;
use App\Queries\Parts\Answers\Beside;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Parts\Choices;
use App\Queries\Parts\ListedTask;
use App\Queries\Plan\OutlinedGoal;
use App\Queries\Plan\StoredPlans;
use App\Queries\Plan\Threads;
use App\Queries\Projects\Answers\CharterPart;
use App\Queries\Projects\Answers\ContributionValues;
use App\Queries\Projects\Answers\FieldEntry;
use App\Queries\Projects\Answers\MilestoneRow;
use App\Queries\Projects\Answers\PlanLineRow;
use App\Queries\Projects\Answers\ProjectView;
use App\Queries\Projects\Answers\RegisterRow;
use App\Queries\Projects\Answers\StageRow;
use App\Queries\Projects\Answers\UsedTemplate;
use App\Queries\Week\RecurringTasksPage;
use App\Store\Question;
use App\Store\Remembered;
use Illuminate\Support\Facades\Gate;
use Loftrin\Core\Work\ProjectState;

final readonly class ProjectPage
{
    /** How many of the done tasks of a stage are shown. */
    private const DONE_SHOWN = 10;

    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private RegisterRows $register,
        private History $history,
        private RecurringTasksPage $recurringTasks,
        private Choices $choices,
        private GoalRows $goals,
        private Remembered $remembered,
        private MeetingsOf $meetings,
    ) {
    }

    public function of(Project $project, Person $viewer): ProjectView
    {
        return $this->remembered->of(
            Question::by($viewer, 'project', $project->id),
            fn(): ProjectView => $this->workOut($project, $viewer),
        );
    }

    private function workOut(Project $project, Person $viewer): ProjectView
    {
        $project->load(['owner', 'currentContributions', 'milestones', 'planLines', 'collectionItems', 'entries']);
        $work = StoredWork::of($this->workspace, $project);
        $today = $this->workspace->today();
        $threads = $this->plans->threads($viewer);
        $row = fn(ListedTask $task): TaskRow => TaskRow::of($task, $threads, $this->workspace);
        $register = $this->inRegister($project, $work, $threads);
        $template = $project->load(array_map(static fn(string $of): string => "template.$of", Template::PIECES))->template;
        $weights = self::weights($project);
        $served = $threads->where(static fn(OutlinedGoal $goal): bool => isset($weights[$goal->id]));
        $quarter = $project->state === ProjectState::Proposed ? $this->inQuarter($threads) : [];
        $goals = $this->goals->only([...$served, ...$quarter], $this->workspace->calendar()->yearOf($today), $viewer, $today);
        $rows = static fn(array $ids): array => array_values(array_intersect_key($goals, array_flip($ids)));

        return new ProjectView(
            project: $register,
            charter: CharterPart::all($project),
            learned: $project->learned,
            milestones: MilestoneRow::all($project, $today),
            lines: PlanLineRow::all($project),
            quarterGoals: $rows($quarter),
            area: $this->area($project),
            startsOn: $project->starts_on,
            weighing: $project->weighing,
            order: $project->order,
            mayChange: Gate::forUser($viewer)->allows('update', $project),
            serves: $rows($served),
            weights: array_map(static fn(int $goal): ContributionValues => new ContributionValues($goal, $weights[$goal]), $served),
            stages: $this->stages($project, $work->inScope, $row),
            now: array_column($work->now, 'id'),
            aside: array_map($row, self::aside($work)),
            sum: SumWords::of($project->weighing, $register),
            countsAlso: SumWords::also($project->weighing, $work->inScope),
            forecast: ForecastView::of($work->forecast, $register->gauge, $today),
            people: PersonTag::all(),
            lastIsDone: $project->last_is_done,
            rank: $project->rank,
            focus: $project->focus,
            beside: Beside::of($project, $viewer),
            history: $this->history->of($project, array_column($work->all, 'title', 'id'), $viewer),
            template: $template === null ? null : UsedTemplate::of($project, $template),
            recurringTasks: $this->recurringTasks->for($viewer, 'project_id', $project->id),
            fields: $this->fields($project),
            collections: $this->choices->collections(),
            gathered: array_values($project->collectionItems->map(static fn(CollectionItem $link): int => $link->collection_id)->all()),
            meetings: $this->meetings->of($project, $viewer),
            seenBy: $project->isHidden() ? self::seenBy($project) : null,
        );
    }

    /** The project as it stands in the register. */
    private function inRegister(Project $project, StoredWork $work, Threads $threads): RegisterRow
    {
        return $this->register->of(
            ListedProject::all(Project::query()->whereKey($project->id)),
            new CountedWork([$project->id => $work->facts]),
            $threads,
            [$project->id => $work->forecast],
        )[$project->id];
    }

    /** @return array<int, string> by the goal to which it contributes */
    private static function weights(Project $project): array
    {
        return $project->currentContributions
            ->mapWithKeys(static fn(Contribution $link): array => [$link->goal_id => (string) $link->weight])
            ->all();
    }

    /** @return list<ListedTask> open, and on no list: shelved or dropped */
    private static function aside(StoredWork $work): array
    {
        return array_values(
            array_filter($work->all, static fn(ListedTask $task): bool => $task->done_on === null && $task->isAside()),
        );
    }

    /** @return list<string> */
    private static function seenBy(Project $project): array
    {
        $names = $project
            ->viewers()
            ->with(['group', 'person'])
            ->get()
            ->map(static fn(Viewer $viewer): string => $viewer->group->name ?? ($viewer->person->name ?? ''))
            ->all();

        return [$project->owner->name, ...array_values($names)];
    }

    /** @return list<FieldEntry> */
    private function fields(Project $project): array
    {
        $entries = $project->entries->keyBy('field_id');
        $fields = $this->remembered->of(
            Question::ofAll('fields of projects'),
            static fn(): array => array_values(
                Field::query()
                    ->orderBy('name')
                    ->get()
                    ->map(
                        static fn(Field $field): FieldEntry => new FieldEntry(
                            $field->id,
                            $field->name,
                            $field->kind,
                            $field->choices ?? [],
                            null,
                        ),
                    )
                    ->all(),
            ),
        );

        return array_map(static fn(FieldEntry $field): FieldEntry => $field->filled($entries->get($field->id)?->value), $fields);
    }

    private function area(Project $project): ?string
    {
        foreach ($this->choices->areas() as $area) {
            if ($area->value === (string) $project->area_id) {
                return $area->label;
            }
        }

        return null;
    }

    /** @return list<int> ids of the open ones of the present quarter */
    private function inQuarter(Threads $threads): array
    {
        $quarter = $this->workspace->calendar()->quarterOf($this->workspace->today())->name;

        return $threads->where(static fn(OutlinedGoal $goal): bool => $goal->period === $quarter && $goal->isOpen);
    }

    /**
     * A task with no stage belongs to the first.
     *
     * @param list<ListedTask> $tasks
     * @param callable(ListedTask): TaskRow $row
     *
     * @return list<StageRow>
     */
    private function stages(Project $project, array $tasks, callable $row): array
    {
        if ($project->stages->isEmpty()) {
            return [self::stage(null, $tasks, $row)];
        }

        $first = $project->stages[0]->id ?? null;

        return array_values(
            $project->stages
                ->map(
                    static fn(Stage $stage): StageRow => self::stage(
                        $stage,
                        array_values(array_filter($tasks, static fn(ListedTask $task): bool => ($task->stage_id ?? $first) === $stage->id)),
                        $row,
                    ),
                )
                ->all(),
        );
    }

    /**
     * @param list<ListedTask> $tasks
     * @param callable(ListedTask): TaskRow $row
     */
    private static function stage(?Stage $stage, array $tasks, callable $row): StageRow
    {
        $done = array_filter($tasks, static fn(ListedTask $task): bool => $task->done_on !== null);
        uasort($done, static fn(ListedTask $a, ListedTask $b): int => [$b->done_on?->number, $b->id] <=> [$a->done_on?->number, $a->id]);
        $older = array_slice($done, self::DONE_SHOWN, preserve_keys: true);

        return new StageRow($stage?->id, $stage?->name, array_map($row, array_values(array_diff_key($tasks, $older))), count($older));
    }
}
