<?php

declare(strict_types=1);

namespace App\Queries\Parts\Answers;

use App\Models\Step;
use App\Models\Task;
use App\Models\Visibility;
use App\Models\Workspace;
use App\Queries\Goals\Threads;
use App\Queries\Parts\Address;
use App\Queries\Parts\ListedTask;
use App\Queries\Parts\Standing;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\Capacity;
use Loftrin\Core\Work\Carrying;
use Loftrin\Core\Work\Focus;
use Loftrin\Core\Work\Rank;

/** A task as a line of any list. */
final readonly class TaskRow implements Props
{
    /** The relations a task needs to be shown as a line. */
    public const NEEDS = ['owner', 'project', 'goal', 'steps', 'checkedBy', 'recurringTask.currentContributions'];

    /**
     * @param ?string $for what it serves in words: its project's or its goal's title
     * @param ?string $forLink the address of that
     * @param ?int $recurringTask that it comes back by, and its rhythm in words
     * @param ?string $planned where it stands now: a day or a period
     * @param ?string $dueAt HH:MM of the day on which it is due
     * @param ?string $plannedAt HH:MM, if it still stands on the day that it was planned for
     * @param int $carried how often it has come along
     * @param bool $asks whether it has come along so often that it asks for a decision
     * @param bool $isAside whether it was dropped or shelved
     * @param ?string $after title of an unfinished task that it depends on, where it is listed
     * @param ?string $afterStage likewise the name of a stage to be finished before its own
     */
    public function __construct(
        public int $id,
        public string $title,
        public bool $isDone,
        public ?Day $doneOn,
        public PersonTag $owner,
        public ?int $minutes,
        public ?Rank $rank,
        public ?Focus $focus,
        public ?Day $dueOn,
        public ?string $dueAt,
        public bool $isLate,
        public ?string $planned,
        public ?string $plannedAt,
        public int $carried,
        public bool $asks,
        public ?string $waitingOn,
        public ?Day $followUpOn,
        public bool $isInProgress,
        public ?string $checkedBy,
        public ?string $for,
        public ?string $forLink,
        public ?int $stageId,
        public ?int $recurringTask,
        public ?string $rhythm,
        public int $stepsDone,
        public int $steps,
        public bool $isPrivate,
        public bool $isAside,
        public bool $isWorthTelling,
        public ?Cord $cord,
        public ?string $after = null,
        public ?string $afterStage = null,
    ) {
    }

    /** What it still takes, in minutes: nothing once it is done or put aside. Rules: computation 10. */
    public function left(): int
    {
        return $this->isDone || $this->isAside ? 0 : Capacity::left($this->minutes, $this->stepsDone, $this->steps);
    }

    /** One that is a record already. */
    public static function of(Task $task, Threads $threads, Workspace $workspace): self
    {
        return self::row(
            task: $task,
            workspace: $workspace,
            project: $task->project?->title,
            goal: $threads->titleOf($task->goal),
            rhythm: $task->recurringTask?->words,
            cord: $threads->ofWork($task->goal_id, $task->project_id, $task->recurringTask?->currentContributions->first()?->goal_id),
            steps: [
                count(array_filter($task->steps->all(), static fn(Step $step): bool => $step->done_on !== null)),
                $task->steps->count(),
            ],
        );
    }

    /** One that is only shown. */
    public static function ofListed(ListedTask $task, Threads $threads, Workspace $workspace): self
    {
        return self::row(
            task: $task,
            workspace: $workspace,
            project: $task->projectTitle,
            goal: $threads->titleOfListed($task),
            rhythm: $task->rhythm,
            cord: $threads->ofWork($task->goal_id, $task->project_id, $task->recurringTaskGoal),
            steps: [$task->stepsDone, $task->steps],
            after: [$task->afterTitle, $task->afterStage],
        );
    }

    /**
     * @param ?string $goal its title, if the reader may see it
     * @param array{int, int} $steps done, and all
     * @param array{?string, ?string} $after title of an unfinished task that it depends on, name of a stage that comes first
     */
    private static function row(
        Task|ListedTask $task,
        Workspace $workspace,
        ?string $project,
        ?string $goal,
        ?string $rhythm,
        ?Cord $cord,
        array $steps,
        array $after = [null, null],
    ): self {
        $today = $workspace->today();
        $isOpen = $task->isOpen();
        $standing = Standing::of($task, $workspace);

        return new self(
            id: $task->id,
            title: $task->title,
            isDone: $task->done_on !== null,
            doneOn: $task->done_on,
            owner: PersonTag::of($task->owner),
            minutes: $task->minutes,
            rank: $task->rank,
            focus: $task->focus,
            dueOn: $task->due_on,
            dueAt: $task->due_at,
            isLate: $isOpen && $task->due_on !== null && $task->due_on->isBefore($today),
            planned: $standing->in,
            plannedAt: $standing->in === $task->planned ? $task->planned_at : null,
            carried: $standing->carried,
            asks: $isOpen && $standing->carried >= Carrying::ASKS_AT,
            waitingOn: $task->waiting_on,
            followUpOn: $task->follow_up_on,
            isInProgress: $task->in_progress_since !== null,
            checkedBy: $task->checkedBy?->name,
            for: $project ?? $goal,
            forLink: match (true) {
                $task->project_id !== null => Address::ofProject($task->project_id),
                $goal !== null && $task->goal_id !== null => Address::ofGoal($task->goal_id),
                default => null,
            },
            stageId: $task->stage_id,
            recurringTask: $task->recurring_task_id,
            rhythm: $rhythm,
            stepsDone: $steps[0],
            steps: $steps[1],
            isPrivate: $task->visibility === Visibility::OnlyMe,
            isAside: $task->done_on === null && ! $isOpen,
            isWorthTelling: $task->done_on !== null && $task->is_worth_telling,
            cord: $cord,
            after: $isOpen ? $after[0] : null,
            afterStage: $isOpen ? $after[1] : null,
        );
    }
}
