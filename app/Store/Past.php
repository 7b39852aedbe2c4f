<?php

declare(strict_types=1);

namespace App\Store;

use App\Models\Contribution;
use App\Models\Goal;
use App\Models\Membership;
use App\Models\Project;
use App\Models\Reading;
use App\Models\Record;
use App\Models\RecurringTaskContribution;
use App\Models\Stay;
use App\Models\Step;
use App\Models\Task;
use App\Models\Viewer;
use App\Models\Workspace;
use Loftrin\Core\Calendar\Day;

/**
 * What was before this week: the work done, which goals it led to, and where goals and projects stood at the time. Figures
 * can be asked for as of any day, and what carries no date is taken as it is now (computation, at its head), so that a change
 * of today may concern them; what is ticked or planned today does not.
 */
final readonly class Past
{
    /** What decides which work led to a goal, what counts in whose figure, and which week a day is of: none of it has a date. */
    private const TIMELESS = [
        Contribution::class,
        Membership::class,
        RecurringTaskContribution::class,
        Stay::class,
        Viewer::class,
        Workspace::class,
    ];

    /** What of goals and projects no figure is made of. All else of them may be. */
    private const APART = ['title', 'why', 'notes', 'status_line', 'status_on', 'is_main', 'is_first', 'updated_at'];

    /** What decides from when on, where and how much a task counts that is open. */
    private const OF_TASK = ['created_on', 'project_id', 'goal_id', 'goal_since', 'minutes'];

    public function __construct(private Workspace $workspace)
    {
    }

    /**
     * Whether a record as it was written, or before, may weigh in a figure as of a day before this week, or in the ledger of
     * a past week (computation 7).
     *
     * @param string $event created, updated or deleted
     */
    public function isTouchedBy(Record $record, string $event): bool
    {
        $isNew = $event === 'created';

        return match (true) {
            // What is deleted takes with it what hangs on it.
            $event === 'deleted', in_array($record::class, self::TIMELESS, true) => true,
            $record instanceof Goal, $record instanceof Project => $isNew ||
                array_diff(array_keys($record->getChanges()), self::APART) !== [],
            $record instanceof Task => $this->reachesBack($record, 'done_on', 'dropped_on', 'shelved_on') ||
                (($isNew || $record->wasChanged(self::OF_TASK)) && $this->reachesBack($record, 'created_on')),
            // A task counts by the share of its steps that were ticked: one step more, and it was less.
            $record instanceof Step => $isNew || ($record->wasChanged('done_on') && $this->reachesBack($record, 'done_on')),
            $record instanceof Reading => $this->reachesBack($record, 'on'),
            default => false,
        };
    }

    /** Whether one of its dates lies before this week, or did before the change. */
    private function reachesBack(Record $record, string ...$dates): bool
    {
        $before = $record->before();

        foreach ($dates as $date) {
            if ($this->isPast($record->getAttribute($date)) || $this->isPast($before[$date] ?? null)) {
                return true;
            }
        }

        return false;
    }

    private function isPast(mixed $date): bool
    {
        $day = $date instanceof Day ? $date : Day::tryOf(is_string($date) ? substr($date, 0, 10) : '');

        return $day !== null && $day->isBefore($this->workspace->calendar()->weekOf($this->workspace->today())->span->first);
    }
}
