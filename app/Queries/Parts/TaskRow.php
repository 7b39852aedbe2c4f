<?php

declare(strict_types=1);

namespace App\Queries\Parts;

use App\Models\Task;
use App\Models\Visibility;
use App\Models\Workspace;
use App\Queries\Goals\Threads;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\Carrying;
use Loftrin\Core\Work\Rank;

/** A task as a line of any list. */
final readonly class TaskRow implements Props
{
    /** The relations a task needs to be shown as a line. */
    public const NEEDS = ['owner', 'project', 'goal', 'steps', 'lookOverBy', 'routine.servings'];

    /**
     * @param ?string $for       what it serves in words: its project's or its goal's title
     * @param ?string $forLink   the address of that
     * @param ?int    $routine   that it comes back by, and its rhythm in words
     * @param ?string $planned   where it stands now: a day or a period
     * @param ?string $plannedAt HH:MM, if it still stands on the day that it was planned for
     * @param int     $carried   how often it has come along
     * @param bool    $asks      whether it has come along so often that it asks for a decision
     * @param bool    $isAside   whether it was dropped or shelved
     */
    public function __construct(
        public int $id,
        public string $title,
        public bool $isDone,
        public ?Day $doneOn,
        public PersonTag $owner,
        public ?int $minutes,
        public ?Rank $rank,
        public ?Day $dueOn,
        public bool $isLate,
        public ?string $planned,
        public ?string $plannedAt,
        public int $carried,
        public bool $asks,
        public ?string $waitingOn,
        public ?Day $askAgainOn,
        public bool $isUnderWay,
        public ?string $lookOverBy,
        public ?string $for,
        public ?string $forLink,
        public ?int $stageId,
        public ?int $routine,
        public ?string $rhythm,
        public int $stepsDone,
        public int $steps,
        public bool $isPrivate,
        public bool $isAside,
        public ?Cord $cord,
    ) {
    }

    public static function of(Task $task, Threads $threads, Workspace $workspace): self
    {
        $today = $workspace->today();
        $isOpen = $task->done_on === null && $task->dropped_on === null && $task->shelved_on === null;
        $isPassed = $isOpen && $task->planned !== null && self::hasPassed($task, $today);
        $stands = $isPassed ? self::standsIn($task, $workspace) : $task->planned;
        $goal = $threads->titleOf($task->goal);
        $carried = $isPassed ? self::carried($task, $workspace) : $task->carried;

        return new self(
            $task->id,
            $task->title,
            $task->done_on !== null,
            $task->done_on,
            PersonTag::of($task->owner),
            $task->minutes,
            $task->rank,
            $task->due_on,
            $isOpen && $task->due_on !== null && $task->due_on->isBefore($today),
            $stands,
            $stands === $task->planned ? $task->planned_at : null,
            $carried,
            $isOpen && $carried >= Carrying::ASKS_AT,
            $task->waiting_on,
            $task->ask_again_on,
            $task->under_way_since !== null,
            $task->lookOverBy?->name,
            $task->project->title ?? $goal,
            match (true) {
                $task->project_id !== null => route('projects.show', $task->project_id, false),
                $goal !== null => route('goals.show', $task->goal_id, false),
                default => null,
            },
            $task->stage_id,
            $task->routine_id,
            $task->routine?->words,
            $task->steps->whereNotNull('done_on')->count(),
            $task->steps->count(),
            $task->visibility === Visibility::OnlyMe,
            $task->done_on === null && ! $isOpen,
            $threads->ofTask($task),
        );
    }

    /** How often an open task has come along by today. */
    public static function carried(Task $task, Workspace $workspace): int
    {
        return $task->carried + ($task->planned === null || ! self::hasPassed($task, $workspace->today()) ? 0 : (new Carrying($workspace->calendar()))->crossings(
            $workspace->calendar()->planned($task->planned),
            $workspace->today(),
        ));
    }

    /** Whether the day or the last day of the period that it is planned for lies behind: until then it stands where it was planned. */
    private static function hasPassed(Task $task, Day $today): bool
    {
        return $task->planned_to === null || $task->planned_to->isBefore($today);
    }

    /** The day or period where an open task stands today, carried along by itself. */
    public static function standsIn(Task $task, Workspace $workspace): ?string
    {
        if ($task->planned === null || ! self::hasPassed($task, $workspace->today())) {
            return $task->planned;
        }

        $carrying = new Carrying($workspace->calendar());
        $planned = $workspace->calendar()->planned($task->planned);

        return (string) ($planned instanceof Day ? $carrying->day($planned, $workspace->today()) : $carrying->period($planned, $workspace->today()));
    }
}
