<?php

declare(strict_types=1);

namespace App\Queries\Week\Answers;

use App\Models\Occurrence;
use App\Models\OccurrenceState;
use App\Models\Routine;
use App\Models\RoutineKind;
use App\Models\Task;
use App\Models\Visibility;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** A routine in a list. */
final readonly class RoutineRow implements Props
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
        public RoutineKind $kind,
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
    public static function of(Routine $routine): self
    {
        $open = $routine->tasks->first(static fn(Task $task): bool => $task->isOpen());

        return new self(
            id: $routine->id,
            title: $routine->title,
            kind: $routine->kind,
            words: $routine->rhythm()->isWorkable() ? $routine->words : "$routine->words (not a valid rule: choose another one)",
            owner: PersonTag::of($routine->owner),
            next: $open?->occurs_on,
            task: $open?->id,
            missed: $routine->occurrences
                ->takeWhile(static fn(Occurrence $kept): bool => $kept->state === OccurrenceState::Missed)
                ->count(),
            minutes: $routine->minutes,
            for: $routine->project->title ?? $routine->area?->name,
            isPrivate: $routine->visibility === Visibility::OnlyMe,
        );
    }
}
