<?php

declare(strict_types=1);

namespace App\Actions\Week;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\Rank;

/** What is said of a new task. The title is enough. */
final readonly class TaskDraft
{
    public function __construct(
        public string $title,
        public ?int $project = null,
        public ?int $goal = null,
        public ?int $stage = null,
        public ?int $owner = null,
        public ?string $planned = null,
        public ?Day $dueOn = null,
        public ?int $minutes = null,
        public ?Rank $rank = null,
        public bool $isPrivate = false,
        public ?int $agendaItem = null,
        public ?string $notes = null,
    ) {
    }
}
