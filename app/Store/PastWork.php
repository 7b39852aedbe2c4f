<?php

declare(strict_types=1);

namespace App\Store;

use App\Models\Contribution;
use App\Models\Goal;
use App\Models\Record;
use App\Models\RecurringTaskContribution;
use App\Models\Task;
use App\Models\Workspace;
use Loftrin\Core\Calendar\Day;

/** What was done before this week, and what it contributed to: few changes concern it. */
final readonly class PastWork
{
    /** What decides which work led to a goal, and which week a day is of. */
    private const LINKS = [Contribution::class, RecurringTaskContribution::class, Workspace::class];

    public function __construct(private Workspace $workspace)
    {
    }

    /**
     * Whether a record as it was written, or before, may weigh in the ledger of a past week (computation 7).
     *
     * @param string $event created, updated or deleted
     */
    public function isTouchedBy(Record $record, string $event): bool
    {
        return match (true) {
            // What is deleted takes with it what hangs on it.
            $event === 'deleted', in_array($record::class, self::LINKS, true) => true,
            $record instanceof Goal => $event === 'created' || $record->wasChanged('visibility'),
            $record instanceof Task => $this->isPast($record->done_on) || $this->isPast($record->before()['done_on'] ?? null),
            default => false,
        };
    }

    private function isPast(mixed $doneOn): bool
    {
        $day = $doneOn instanceof Day ? $doneOn : Day::tryOf(is_string($doneOn) ? substr($doneOn, 0, 10) : '');

        return $day !== null && $day->isBefore($this->workspace->calendar()->weekOf($this->workspace->today())->span->first);
    }
}
