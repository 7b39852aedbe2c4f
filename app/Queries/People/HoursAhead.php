<?php

declare(strict_types=1);

namespace App\Queries\People;

use App\Models\ProtectedHours;
use App\Models\Workspace;
use App\Queries\Direction\Loads;
use App\Queries\Lists\OwnTasks;
use App\Queries\Meetings\TakenTime;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\People\Answers\HoursCell;
use App\Store\Remembered;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Fraction;

/**
 * Hours planned against hours left, person by person, for this week and the ones after it. What is private counts for
 * nobody, so that all read the same. Rules: computation 10.
 */
final readonly class HoursAhead
{
    private const WEEKS = 8;

    public function __construct(
        private Workspace $workspace,
        private Loads $loads,
        private TakenTime $taken,
        private Remembered $remembered,
    ) {
    }

    /** @return list<PeriodTag> */
    public function weeks(): array
    {
        $calendar = $this->workspace->calendar();

        return array_map(static fn(Period $week): PeriodTag => PeriodTag::of($week, $calendar), $this->periods());
    }

    /** @return array<int, list<HoursCell>> by person */
    public function cells(): array
    {
        return $this->remembered->of('hours ahead', $this->counted(...));
    }

    /** @return array<int, list<HoursCell>> */
    private function counted(): array
    {
        $planned = $this->planned();
        $today = $this->workspace->today();
        $kept = ProtectedHours::query()->get()->groupBy('person_id');
        $cells = [];

        foreach ($this->periods() as $week) {
            $left = new Span($today->isAfter($week->span->first) ? $today : $week->span->first, $week->span->last);
            $taken = $this->taken->within($left);
            $against = $this->taken->against($left, $kept);

            foreach ($this->loads->available($week->span) as $person => $available) {
                $cells[$person][] = new HoursCell(
                    $week->name,
                    $taken[$person] ?? 0,
                    $planned[$person][$week->name] ?? 0,
                    self::minutes($available),
                    $against[$person] ?? 0,
                );
            }
        }

        return $cells;
    }

    /** @return list<Period> */
    private function periods(): array
    {
        $calendar = $this->workspace->calendar();
        $first = $calendar->weekOf($this->workspace->today())->span->first;

        return $calendar->weeksIn(new Span($first, $first->plus(7 * self::WEEKS - 1)));
    }

    /**
     * What is late, or was planned for an earlier week, counts in the current one.
     *
     * @return array<int, array<string, int>> minutes by person and week
     */
    private function planned(): array
    {
        $weeks = $this->periods();
        $last = (string) $weeks[self::WEEKS - 1]->span->last;
        // The first of the weeks that has not ended by the day.
        $weekOf = static fn(string $day): string => 'case '.implode(
            ' ',
            array_map(static fn(Period $week): string => "when $day <= '{$week->span->last}' then '$week->name'", $weeks),
        ).' end';
        $rows = Loads::left()
            ->where(static fn($either) => $either->where('tasks.due_on', '<=', $last)->orWhere('tasks.planned_from', '<=', $last))
            ->selectRaw(
                'case when tasks.due_on < ? then ? when '.OwnTasks::DAY_OR_WEEK." then {$weekOf('planned_from')} "
                ."when planned is null then {$weekOf('tasks.due_on')} end as week",
                [(string) $this->workspace->today(), $weeks[0]->name],
            )
            ->groupBy('week')
            ->get();
        $minutes = [];

        foreach ($rows as $row) {
            if (is_string($row->week) && is_numeric($row->minutes)) {
                $minutes[(int) $row->owner_id][$row->week] = (int) round((float) $row->minutes);
            }
        }

        return $minutes;
    }

    private static function minutes(Fraction $minutes): int
    {
        return (int) $minutes->rounded(0);
    }
}
