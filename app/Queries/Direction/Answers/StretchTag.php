<?php

declare(strict_types=1);

namespace App\Queries\Direction\Answers;

use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Props;
use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\PlanningSpan;

/** A stretch that is planned in one pass. */
final readonly class StretchTag implements Props
{
    /**
     * @param string $words "2027", "Q3", "February", "Weeks 6 to 7"
     * @param list<PeriodTag> $periods one, or its weeks
     */
    public function __construct(
        public string $name,
        public string $words,
        public Horizon $horizon,
        public Day $first,
        public Day $last,
        public array $periods,
    ) {
    }

    public static function of(PlanningSpan $stretch, Calendar $calendar): self
    {
        return new self(
            name: $stretch->name,
            words: self::words($stretch),
            horizon: $stretch->horizon(),
            first: $stretch->span->first,
            last: $stretch->span->last,
            periods: array_map(static fn(Period $period): PeriodTag => PeriodTag::of($period, $calendar), $stretch->periods),
        );
    }

    public static function words(PlanningSpan $stretch): string
    {
        $last = $stretch->periods[count($stretch->periods) - 1];

        return count($stretch->periods) === 1
            ? PeriodTag::words($stretch->periods[0])
            : 'Weeks '.(int) substr($stretch->periods[0]->name, 6).' to '.(int) substr($last->name, 6);
    }
}
