<?php

declare(strict_types=1);

namespace Loftrin\Core\Calendar;

/** What is planned in one pass: a year, a quarter, a month, or several weeks in a row ("2027-W06+2"). */
final readonly class PlanningSpan
{
    /** More weeks than this are a quarter. */
    private const MOST_WEEKS = 6;

    /** @param non-empty-list<Period> $periods one, or the weeks in order */
    private function __construct(public string $name, public array $periods, public Span $span)
    {
    }

    /** Null when the name is neither a period's nor that of up to six weeks. */
    public static function tryOf(Calendar $calendar, string $name): ?self
    {
        if (preg_match('/^(.+)\+(\d)$/D', $name, $parts) !== 1) {
            $period = $calendar->tryPeriod($name);

            return $period === null ? null : self::over([$period], $period->name);
        }

        $week = $calendar->tryPeriod($parts[1]);
        $count = (int) $parts[2];

        if ($week === null || $week->horizon !== Horizon::Week || $count < 2 || $count > self::MOST_WEEKS) {
            return null;
        }

        $weeks = [$week];

        while (count($weeks) < $count) {
            $weeks[] = $calendar->next($weeks[count($weeks) - 1]);
        }

        return self::over($weeks, $name);
    }

    public function horizon(): Horizon
    {
        return $this->periods[0]->horizon;
    }

    /** The day that decides to which longer period it belongs. */
    public function anchor(): Day
    {
        return $this->periods[0]->anchor();
    }

    /** As long a stretch, right before it. */
    public function previous(Calendar $calendar): self
    {
        return $this->stepped($calendar->previous(...));
    }

    /** As long a stretch, right after it. */
    public function next(Calendar $calendar): self
    {
        return $this->stepped($calendar->next(...));
    }

    public function isOverOn(Day $day): bool
    {
        return $day->isAfter($this->span->last);
    }

    /** @param callable(Period): Period $step to the neighbour */
    private function stepped(callable $step): self
    {
        $periods = array_map(function (Period $period) use ($step): Period {
            for ($left = count($this->periods); $left > 0; $left--) {
                $period = $step($period);
            }

            return $period;
        }, $this->periods);

        return self::over($periods, count($periods) === 1 ? $periods[0]->name : $periods[0]->name.'+'.count($periods));
    }

    /** @param non-empty-list<Period> $periods */
    private static function over(array $periods, string $name): self
    {
        return new self($name, $periods, new Span($periods[0]->span->first, $periods[count($periods) - 1]->span->last));
    }
}
