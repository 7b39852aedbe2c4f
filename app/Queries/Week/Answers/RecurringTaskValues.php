<?php

declare(strict_types=1);

namespace App\Queries\Week\Answers;

use App\Models\RecurringTaskKind;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** The fields of a recurring task as the form holds them. */
final readonly class RecurringTaskValues implements Props
{
    /** @param list<RecurringTaskStepValues> $steps */
    public function __construct(
        public ?int $id,
        public string $title,
        public RecurringTaskKind $kind,
        public string $words,
        public Day $startsOn,
        public int $owner,
        public bool $isPrivate,
        public bool $isShared,
        public ?int $area,
        public ?int $project,
        public ?int $goal,
        public string $minutes,
        public string $perQuarter,
        public string $notes,
        public array $steps,
        public ?int $template = null,
        public ?int $mainEffort = null,
    ) {
    }
}
