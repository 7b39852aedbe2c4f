<?php

declare(strict_types=1);

namespace App\Queries\Parts\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;

/** A period with its days and its neighbours. */
final readonly class PeriodTag implements Props
{
    /** @param string $words "2027" or "2026/27", "Q1", "February", "Week 5" */
    public function __construct(
        public string $name,
        public string $words,
        public Day $first,
        public Day $last,
        public string $previous,
        public string $next,
    ) {
    }

    public static function of(Period $period, Calendar $calendar): self
    {
        return new self(
            name: $period->name,
            words: self::words($period),
            first: $period->span->first,
            last: $period->span->last,
            previous: $calendar->previous($period)->name,
            next: $calendar->next($period)->name,
        );
    }

    /** "Q1 2027", "February 2027": where it is not plain which year is meant. */
    public static function wordsWithYear(Period $period): string
    {
        return self::words($period).' '.self::year($period);
    }

    /** "2027", or "2026/27" of one that does not begin in January. */
    private static function year(Period $period): string
    {
        $year = (int) substr($period->name, 0, 4);
        $begins = match ($period->horizon) {
            Horizon::Year => $period->span->first->month(),
            Horizon::Quarter => $period->span->first->month() - 3 * ((int) substr($period->name, 6) - 1),
            Horizon::Month, Horizon::Week => 1,
        };

        return $begins === 1 ? (string) $year : sprintf('%d/%02d', $year - 1, $year % 100);
    }

    public static function words(Period $period): string
    {
        return match ($period->horizon) {
            Horizon::Year => self::year($period),
            Horizon::Quarter => substr($period->name, 5),
            Horizon::Month => date('F', (int) mktime(0, 0, 0, $period->span->first->month(), 1)),
            Horizon::Week => 'Week '.(int) substr($period->name, 6),
        };
    }
}
