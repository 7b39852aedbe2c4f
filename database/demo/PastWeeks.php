<?php

declare(strict_types=1);

namespace Database\Demo;

use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;
use stdClass;

/** Past weeks as they were kept: most of what was done had been planned, much of it for the week before already. */
final readonly class PastWeeks
{
    private const WEEKS = 26;

    public function __construct(private Stage $stage)
    {
    }

    public function add(): void
    {
        $dice = new Dice(26);
        $calendar = $this->stage->calendar;
        $present = $calendar->weekOf($this->stage->today);
        /** @var array<string, array{week: string, task_id: int, owner_id: int, minutes: ?int, is_planned: bool, outcome: string}> $rows */
        $rows = [];
        $add = static function (Period $week, stdClass $task, bool $isPlanned, string $outcome) use (&$rows): void {
            $rows["$week->name $task->id"] ??= [
                'week' => $week->name, 'task_id' => $task->id, 'owner_id' => $task->owner_id, 'minutes' => $task->minutes,
                'is_planned' => $isPlanned, 'outcome' => $outcome,
            ];
        };

        foreach (DB::table('tasks')->orderBy('id')->get(['id', 'owner_id', 'minutes', 'done_on', 'dropped_on', 'carried']) as $task) {
            $done = $task->done_on === null ? null : $calendar->weekOf(Day::of(substr((string) $task->done_on, 0, 10)));

            if ($done !== null && $done->isOverOn($this->stage->today)) {
                $isPlanned = $dice->falls(80);
                $add($done, $task, $isPlanned, 'done');

                for ($before = $calendar->previous($done); $isPlanned && $dice->falls(40); $before = $calendar->previous($before)) {
                    $add($before, $task, true, 'carried');
                }
            } elseif ($done === null && $task->carried > 0) {
                for ($before = $present, $times = 0; $times < $task->carried; $times++) {
                    $before = $calendar->previous($before);
                    $add($before, $task, true, 'carried');
                }
            } elseif ($done === null && $task->dropped_on === null && $dice->falls(60)) {
                // Thought of too early, and moved.
                $add($calendar->weekOf($this->stage->today->plus(-7 * $dice->between(1, 6))), $task, true, 'moved');
            }
        }

        $since = $calendar->weekOf($this->stage->today->plus(-7 * self::WEEKS))->name;
        $kept = array_filter($rows, static fn(array $row): bool => $row['week'] >= $since);

        foreach (array_chunk(array_values($kept), 200) as $chunk) {
            DB::table('week_tasks')->insert($chunk);
        }
    }
}
