<?php

declare(strict_types=1);

namespace App\Queries\Week\Answers;

use App\Models\Occurrence;
use App\Models\OccurrenceState;
use App\Models\RecurringTask;
use App\Models\RecurringTaskKind;
use App\Models\Task;
use App\Models\Visibility;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** A recurring task in a list. */
final readonly class RecurringTaskRow implements Props
{
    /**
     * @param ?Day $next the day of its open task
     * @param ?int $task the open one
     * @param int $missed times in a row up to the last one
     * @param ?string $for the project or area that it belongs to
     */
    public function __construct(
        public int $id,
        public string $title,
        public RecurringTaskKind $kind,
        public string $words,
        public PersonTag $owner,
        public ?Day $next,
        public ?int $task,
        public int $missed,
        public ?int $minutes,
        public ?string $for,
        public bool $isPrivate,
    ) {
    }

    /** With owner, area, project, open tasks and occurrences loaded. */
    public static function of(RecurringTask $recurringTask): self
    {
        $open = $recurringTask->tasks->first(static fn(Task $task): bool => $task->isOpen());

        return new self(
            id: $recurringTask->id,
            title: $recurringTask->title,
            kind: $recurringTask->kind,
            words: $recurringTask->rhythm()->isWorkable()
                ? $recurringTask->words
                : "$recurringTask->words (not a valid rule: choose another one)",
            owner: PersonTag::of($recurringTask->owner),
            next: $open?->occurs_on,
            task: $open?->id,
            missed: $recurringTask->occurrences
                ->takeWhile(static fn(Occurrence $kept): bool => $kept->state === OccurrenceState::Missed)
                ->count(),
            minutes: $recurringTask->minutes,
            for: $recurringTask->project->title ?? $recurringTask->area?->name,
            isPrivate: $recurringTask->visibility === Visibility::OnlyMe,
        );
    }
}
