<?php

declare(strict_types=1);

namespace App\Queries\Parts\Answers;

use App\Models\Task;
use App\Models\Visibility;
use App\Models\Workspace;
use App\Queries\Parts\Address;
use App\Queries\Parts\ListedTask;
use App\Queries\Parts\Standing;
use App\Queries\Plan\Answers\Cord;
use App\Queries\Plan\Threads;
use App\Queries\Props;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\Capacity;
use Loftrin\Core\Work\Carrying;
use Loftrin\Core\Work\Focus;
use Loftrin\Core\Work\Rank;

/** A task as a line of any list. */
final readonly class TaskRow implements Props
{
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
        public ?string $after,
        public ?string $afterStage,
    ) {
    }

    /** What it still takes, in minutes: nothing once it is done or put aside. Rules: computation 10. */
    public function left(): int
    {
        return $this->isDone || $this->isAside ? 0 : Capacity::left($this->minutes, $this->stepsDone, $this->steps);
    }

    /**
     * @param Builder<Task> $tasks those that are asked for, in their order
     * @param Threads $threads as the reader sees them
     *
     * @return list<self>
     */
    public static function all(Builder $tasks, Threads $threads, Workspace $workspace): array
    {
        return array_map(static fn(ListedTask $task): self => self::of($task, $threads, $workspace), ListedTask::all($tasks));
    }

    public static function of(ListedTask $task, Threads $threads, Workspace $workspace): self
    {
        $goal = $task->goalTitleFor($threads);
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
            for: $task->projectTitle ?? $goal,
            forLink: match (true) {
                $task->project_id !== null => Address::ofProject($task->project_id),
                $goal !== null && $task->goal_id !== null => Address::ofGoal($task->goal_id),
                default => null,
            },
            stageId: $task->stage_id,
            recurringTask: $task->recurring_task_id,
            rhythm: $task->rhythm,
            stepsDone: $task->stepsDone,
            steps: $task->steps,
            isPrivate: $task->visibility === Visibility::OnlyMe,
            isAside: $task->done_on === null && ! $isOpen,
            isWorthTelling: $task->done_on !== null && $task->is_worth_telling,
            cord: $threads->ofWork($task->goal_id, $task->project_id, $task->recurringTaskGoal),
            after: $isOpen ? $task->afterTitle : null,
            afterStage: $isOpen ? $task->afterStage : null,
        );
    }
}
