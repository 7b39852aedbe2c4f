<?php

declare(strict_types=1);

namespace App\Store;

use App\Models\Goal;
use App\Models\Project;
use App\Models\Reading;
use App\Models\Record;
use App\Models\Step;
use App\Models\Task;
use App\Models\Workspace;
use Loftrin\Core\Calendar\Day;

/**
 * What was before this week: the work done, which goals it led to, and where goals and projects stood at the time. Figures
 * can be asked for as of any day, and what carries no date is taken as it is now (computation, at its head), so that a change
 * of today may concern them; what is ticked or planned today does not.
 */
final readonly class Past
{
    /** Tables of which no figure of the past is made: whatever is not named here may weigh in one. */
    private const APART = <<<'TABLES'
        absences access_links additions agenda_items agreed_changes answers appointments
        assumptions attendances attendees attending_groups collections collection_items comments
        contacts decisions dependencies entries estimates evening_answers evening_questions
        fields files final_minutes findings focus_sessions follow_ups followings guests
        habits habit_ticks helpings issues jots letters log_lines long_term_goals meetings
        exceptions note_lines notifications notification_choices occurrences participants
        period_words person_days person_weeks plan_lines plannings points presences
        private_notes protected_hours recipients references reports retrospectives
        retrospective_answers retrospective_questions reviews review_questions saved_lists sendings
        series shares standing_items templates template_dependencies template_milestones
        template_stages template_steps template_tasks trade_offs
        TABLES;

    /** Columns of a task, likewise. */
    private const OF_TASK_APART = <<<'COLUMNS'
        title notes position stage_id owner_id rank focus place planned planned_at planned_from planned_to carried
        put_back_on due_on due_at waiting_on waiting_since waiting_contact_id follow_up_on in_progress_since checked_by_id
        is_worth_telling done_on dropped_on shelved_on return_on kept_on confirmed_at changed_on updated_at
        COLUMNS;

    /** Columns of other records, likewise. The dates of what was done are looked at one by one. */
    private const COLUMNS_APART = [
        Goal::class => ['title', 'why', 'notes', 'status_line', 'status_on', 'is_main', 'is_first', 'updated_at'],
        Project::class => ['title', 'why', 'notes', 'status_line', 'status_on', 'is_main', 'is_first', 'updated_at'],
        Step::class => ['title', 'position', 'done_on', 'updated_at'],
    ];

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
        if ($event === 'deleted') {
            // What is deleted takes with it what hangs on it.
            return true;
        }

        $isNew = $event === 'created';
        $apart = $record instanceof Task ? self::words(self::OF_TASK_APART) : self::COLUMNS_APART[$record::class] ?? [];
        $weighs = $isNew || array_diff(array_keys($record->getChanges()), $apart) !== [];

        return match (true) {
            in_array($record->getTable(), self::words(self::APART), true) => false,
            $record instanceof Task => $this->reachesBack($record, 'done_on', 'dropped_on', 'shelved_on') ||
                ($weighs && $this->reachesBack($record, 'created_on')),
            // A task counts by the share of its steps that were ticked: one step more, and it was less.
            $record instanceof Step => $weighs || ($record->wasChanged('done_on') && $this->reachesBack($record, 'done_on')),
            $record instanceof Reading => $this->reachesBack($record, 'on'),
            default => $weighs,
        };
    }

    /** @return list<string> */
    private static function words(string $listed): array
    {
        return explode(' ', str_replace("\n", ' ', $listed));
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
