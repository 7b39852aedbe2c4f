<?php

declare(strict_types=1);

namespace App\Queries\Lists;

use App\Models\Workspace;
use App\Queries\Parts\Planned;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Span;

/**
 * One scale from late to not scheduled. Each open task stands on exactly one step of it, the first that it belongs to:
 * late, today, a day of what is left of this week, this week with no day, one of the weeks ahead, later, not scheduled.
 * A task that is due before the time it is planned for stands where it is due.
 */
final readonly class DateScale
{
    public const LATE = 'late';

    public const TODAY = 'today';

    public const WEEK = 'week';

    public const LATER = 'later';

    public const NOT_SCHEDULED = 'not_scheduled';

    /** How many weeks ahead have a step of their own. */
    private const WEEKS = 5;

    /** The sooner of its due date and the day or week it is planned for. */
    private const SOONEST =
        'case when planned is null or not '.Planned::FOR_DAY_OR_WEEK.' or due_on < planned_from then due_on else planned_from end';

    public Day $today;

    public Period $week;

    /** @var list<Period> */
    public array $ahead;

    public function __construct(Workspace $workspace)
    {
        $calendar = $workspace->calendar();
        $this->today = $workspace->today();
        $this->week = $calendar->weekOf($this->today);
        $last = $this->week->span->last;
        $this->ahead = $calendar->weeksIn(new Span($last->plus(1), $last->plus(7 * self::WEEKS)));
    }

    /**
     * The step of a task, as an expression of SQL with its bindings: late, today, a date, week, the name of a week, later or not_scheduled.
     *
     * @return array{string, list<string>}
     */
    public function step(): array
    {
        $today = (string) $this->today;
        $first = (string) $this->week->span->first;
        $last = (string) $this->week->span->last;
        $soonest = self::SOONEST;
        $cases = [
            ['due_on < ?', [$today], "'late'"],
            [
                '('.Planned::FOR_DAY.' and planned_from between ? and ?) or due_on = ? or follow_up_on <= ?',
                [$first, $today, $today, $today],
                "'today'",
            ],
            [Planned::FOR_DAY.' and planned_from > ? and planned_from <= ?', [$today, $last], 'cast(planned_from as text)'],
            [Planned::FOR_DAY_OR_WEEK.' and planned_from <= ?', [$last], "'week'"],
            ['due_on between ? and ?', [$today, $last], 'cast(due_on as text)'],
            ['planned is null and due_on is null', [], "'not_scheduled'"],
            ...array_map(
                static fn(Period $week): array => [
                    "$soonest between ? and ?",
                    [(string) $week->span->first, (string) $week->span->last],
                    "'$week->name'",
                ],
                $this->ahead,
            ),
        ];
        $sql = implode(' ', array_map(static fn(array $case): string => "when $case[0] then $case[2]", $cases));

        return ["case $sql else 'later' end", array_merge(...array_column($cases, 1))];
    }
}
