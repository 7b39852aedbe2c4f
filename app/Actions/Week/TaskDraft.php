<?php

declare(strict_types=1);

namespace App\Actions\Week;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\Focus;
use Loftrin\Core\Work\Rank;

/** What is said of a new task. The title is enough. */
final readonly class TaskDraft
{
    /** How long a title can be. */
    public const TITLE = 200;

    /**
     * @param ?string $at HH:MM of the day for which it is planned
     * @param list<int> $helpers people
     * @param bool $isShelved put off on purpose, with or without a date of return
     * @param ?Day $doneOn of one that is done: the day, if it was not today
     * @param ?string $rhythm how it comes back, in words
     * @param ?string $dueAt HH:MM of the day on which it is due
     */
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
        public ?string $at = null,
        public ?Focus $focus = null,
        public ?string $waitingFor = null,
        public ?Day $followUpOn = null,
        public array $helpers = [],
        public bool $isDone = false,
        public bool $isShelved = false,
        public ?Day $returnOn = null,
        public ?string $rhythm = null,
        public ?Day $doneOn = null,
        public ?string $dueAt = null,
    ) {
    }
}
