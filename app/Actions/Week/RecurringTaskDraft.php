<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Models\RecurringTaskKind;
use Loftrin\Core\Calendar\Day;

/** What is said of a recurring task. */
final readonly class RecurringTaskDraft
{
    /**
     * @param list<array{id: ?int, title: string}> $steps
     * @param ?int $template from which each new piece takes its steps instead
     * @param ?int $mainEffort that each time of it is work on
     */
    public function __construct(
        public string $title,
        public string $words = 'when needed',
        public RecurringTaskKind $kind = RecurringTaskKind::Task,
        public ?Day $startsOn = null,
        public ?int $owner = null,
        public bool $isPrivate = false,
        public bool $isShared = false,
        public ?int $sharedFrom = null,
        public ?int $area = null,
        public ?int $project = null,
        public ?int $goal = null,
        public ?int $minutes = null,
        public ?int $perQuarter = null,
        public ?string $notes = null,
        public array $steps = [],
        public ?int $template = null,
        public ?int $mainEffort = null,
    ) {
    }
}
