<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use App\Models\Casts\AsDay;
use App\Models\Person;
use App\Models\Relations\CanStart;
use App\Models\Relations\Everybody;
use App\Models\Task;
use App\Models\Visibility;
use App\Models\Workspace;
use App\Queries\Plan\Threads;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\Focus;
use Loftrin\Core\Work\Rank;
use stdClass;

/** A task that is only shown: read as a plain row, with what it stands beside, in one question for a whole list. */
final readonly class ListedTask
{
    private const COLUMNS = [
        'id',
        'title',
        'owner_id',
        'project_id',
        'goal_id',
        'stage_id',
        'recurring_task_id',
        'visibility',
        'created_on',
        'done_on',
        'dropped_on',
        'shelved_on',
        'due_on',
        'due_at',
        'planned',
        'planned_at',
        'planned_from',
        'planned_to',
        'carried',
        'waiting_on',
        'follow_up_on',
        'in_progress_since',
        'checked_by_id',
        'minutes',
        'rank',
        'focus',
        'place',
        'is_worth_telling',
    ];

    /** What stands beside it, each with what it is asked by. */
    private const BESIDE = [
        'project_title' => 'select p.title from projects p where p.id = tasks.project_id',
        'project_area' => 'select p.area_id from projects p where p.id = tasks.project_id',
        'goal_title' => 'select g.title from goals g where g.id = tasks.goal_id',
        'goal_area' => 'select g.area_id from goals g where g.id = tasks.goal_id',
        'goal_visibility' => 'select g.visibility from goals g where g.id = tasks.goal_id',
        'rhythm' => 'select r.words from recurring_tasks r where r.id = tasks.recurring_task_id',
        'recurring_task_goal' =>
            'select c.goal_id from recurring_task_contributions c where c.recurring_task_id = tasks.recurring_task_id '.
            'and c.until_on is null order by c.id limit 1',
        'steps' => 'select count(*) from steps s where s.task_id = tasks.id',
        'steps_done' => 'select count(s.done_on) from steps s where s.task_id = tasks.id',
    ];

    private function __construct(
        public int $id,
        public string $title,
        public Person $owner,
        public ?int $project_id,
        public ?string $projectTitle,
        public ?int $projectArea,
        public ?int $goal_id,
        public ?string $goalTitle,
        public ?int $goalArea,
        public bool $isGoalOpenToAll,
        public ?int $stage_id,
        public ?int $recurring_task_id,
        public ?string $rhythm,
        public ?int $recurringTaskGoal,
        public Visibility $visibility,
        public ?Day $created_on,
        public ?Day $done_on,
        public ?Day $dropped_on,
        public ?Day $shelved_on,
        public ?Day $due_on,
        public ?string $due_at,
        public ?string $planned,
        public ?string $planned_at,
        public ?Day $planned_from,
        public ?Day $planned_to,
        public int $carried,
        public ?string $waiting_on,
        public ?Day $follow_up_on,
        public ?Day $in_progress_since,
        public ?Person $checkedBy,
        public ?int $minutes,
        public ?Rank $rank,
        public ?Focus $focus,
        public ?string $place,
        public bool $is_worth_telling,
        public int $steps,
        public int $stepsDone,
        public ?string $afterTitle,
        public ?string $afterStage,
    ) {
    }

    /**
     * @param Builder<Task> $tasks those that are asked for, in their order
     *
     * @return list<self>
     */
    public static function all(Builder $tasks): array
    {
        $query = $tasks->toBase()->select(array_map(static fn(string $column): string => "tasks.$column", self::COLUMNS));

        foreach ([...self::BESIDE, ...self::inTheWay(app(Workspace::class)->today())] as $name => $asked) {
            $query->selectRaw("($asked) as $name");
        }

        $people = app(Everybody::class)->all();

        return array_values(array_map(static fn(stdClass $row): self => self::of($row, $people->all()), $query->get()->all()));
    }

    /** Neither done, nor dropped, nor on the shelf. */
    public function isOpen(): bool
    {
        return $this->done_on === null && ! $this->isAside();
    }

    public function isAside(): bool
    {
        return $this->dropped_on !== null || $this->shelved_on !== null;
    }

    /** The title of the goal that it is for; null without one, or where the reader may not see it. */
    public function goalTitleFor(Threads $threads): ?string
    {
        return $this->goal_id !== null && $threads->isSeen($this->goal_id, $this->isGoalOpenToAll) ? $this->goalTitle : null;
    }

    /** @return array<string, string> what is to be finished first: a task that it depends on, a stage before its own */
    private static function inTheWay(Day $today): array
    {
        $canStart = new CanStart($today);
        $stage = static fn(string $column): string => "(select s.$column from stages s where s.id = o.stage_id)";

        $unlessDone = static fn(string $asked): string => "case when tasks.done_on is null then ($asked) end";

        return [
            'after_title' => $unlessDone("{$canStart->dependsOn('o.title')} order by d.id limit 1"),
            'after_stage' => $unlessDone(
                $canStart->comesAfter("coalesce({$stage('name')}, '')")." order by coalesce({$stage('position')}, 0), o.id limit 1",
            ),
        ];
    }

    /** @param array<array-key, Person> $people by id */
    private static function of(stdClass $row, array $people): self
    {
        $number = static fn(mixed $value): ?int => is_numeric($value) ? (int) $value : null;
        $text = static fn(mixed $value): ?string => is_string($value) ? $value : null;
        $day = AsDay::read(...);

        return new self(
            id: (int) $row->id,
            title: (string) $row->title,
            owner: $people[(int) $row->owner_id],
            project_id: $number($row->project_id),
            projectTitle: $text($row->project_title),
            projectArea: $number($row->project_area),
            goal_id: $number($row->goal_id),
            goalTitle: $text($row->goal_title),
            goalArea: $number($row->goal_area),
            isGoalOpenToAll: $row->goal_visibility === Visibility::Everyone->value,
            stage_id: $number($row->stage_id),
            recurring_task_id: $number($row->recurring_task_id),
            rhythm: $text($row->rhythm),
            recurringTaskGoal: $number($row->recurring_task_goal),
            visibility: Visibility::from((string) $row->visibility),
            created_on: $day($row->created_on),
            done_on: $day($row->done_on),
            dropped_on: $day($row->dropped_on),
            shelved_on: $day($row->shelved_on),
            due_on: $day($row->due_on),
            due_at: $text($row->due_at),
            planned: $text($row->planned),
            planned_at: $text($row->planned_at),
            planned_from: $day($row->planned_from),
            planned_to: $day($row->planned_to),
            carried: (int) $row->carried,
            waiting_on: $text($row->waiting_on),
            follow_up_on: $day($row->follow_up_on),
            in_progress_since: $day($row->in_progress_since),
            checkedBy: $people[$number($row->checked_by_id) ?? 0] ?? null,
            minutes: $number($row->minutes),
            rank: Rank::tryFrom((string) $row->rank),
            focus: Focus::tryFrom((string) $row->focus),
            place: $text($row->place),
            afterTitle: $text($row->after_title),
            afterStage: $text($row->after_stage),
            is_worth_telling: (bool) $row->is_worth_telling,
            steps: (int) $row->steps,
            stepsDone: (int) $row->steps_done,
        );
    }
}
