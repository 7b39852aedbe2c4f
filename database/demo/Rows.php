<?php

declare(strict_types=1);

namespace Database\Demo;

use BackedEnum;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Day;
use Stringable;

/** Rows to be inserted at once, numbered by table as they are added. */
final class Rows
{
    /** Tables before those that refer to them. */
    private const ORDER = [
        'people', 'groups', 'memberships', 'workspaces', 'areas', 'contacts', 'long_term_goals', 'period_words', 'plannings',
        'goals', 'checkpoints', 'readings', 'main_efforts', 'assumptions', 'trade_offs',
        'templates', 'template_stages', 'template_tasks', 'template_steps',
        'projects', 'stages', 'contributions', 'milestones', 'collections', 'collection_items', 'fields', 'entries', 'saved_lists',
        'series', 'attending_groups', 'attendees', 'standing_items', 'meetings', 'attendances', 'issues', 'agenda_items', 'decisions',
        'recurring_tasks', 'recurring_task_steps', 'recurring_task_contributions', 'occurrences',
        'tasks', 'note_lines', 'steps', 'dependencies', 'jots', 'plan_lines',
        'log_lines', 'focus_sessions', 'habits', 'habit_ticks', 'evening_answers', 'appointments', 'protected_hours',
        'helpings', 'references', 'comments', 'estimates', 'judgements', 'followings', 'notifications',
    ];

    /** When something was made, changed or came to its state: what is set up for later was set up by today. */
    private const HAPPENED = ['created_on', 'changed_on', 'state_on'];

    /** @var array<string, list<array<string, mixed>>> */
    private array $rows = [];

    public function __construct(private readonly Day $today)
    {
    }

    /**
     * @param array<string, mixed> $columns
     *
     * @return int the id it will have
     */
    public function add(string $table, array $columns): int
    {
        $id = count($this->rows[$table] ?? []) + 1;
        $stamp = "$this->today 06:00:00";

        foreach (self::HAPPENED as $column) {
            $day = $columns[$column] ?? null;
            $columns = $day instanceof Day && $day->isAfter($this->today) ? [...$columns, $column => $this->today] : $columns;
        }

        $plain = array_map(static fn(mixed $value): mixed => match (true) {
            $value instanceof BackedEnum => $value->value,
            $value instanceof Stringable => (string) $value,
            is_array($value) => json_encode($value, JSON_THROW_ON_ERROR),
            default => $value,
        }, $columns);
        $this->rows[$table][] = ['id' => $id, ...$plain, 'created_at' => $stamp, 'updated_at' => $stamp];

        return $id;
    }

    /**
     * Says more of a row that was added before.
     *
     * @param array<string, mixed> $columns
     *
     * @return int its id
     */
    public function amend(string $table, string $title, array $columns): int
    {
        $place = (int) array_search($title, array_column($this->rows[$table] ?? [], 'title'), true);
        $this->rows[$table][$place] = [...$this->rows[$table][$place], ...$columns];

        return $place + 1;
    }

    public function count(string $table): int
    {
        return count($this->rows[$table] ?? []);
    }

    public function insert(): void
    {
        foreach (self::ORDER as $table) {
            $rows = $this->rows[$table] ?? [];
            // A column that only some rows have is empty in the others.
            $columns = array_fill_keys(array_keys(array_merge([], ...$rows)), null);

            foreach (array_chunk($rows, 200) as $chunk) {
                DB::table($table)->insert(array_map(static fn(array $row): array => $row + $columns, $chunk));
            }

            Numbers::goOn($table);
        }
    }
}
