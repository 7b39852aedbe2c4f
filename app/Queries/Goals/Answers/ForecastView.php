<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Queries\Goals\ForecastWords;
use App\Queries\Parts\Answers\Gauge;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Goals\Forecast;

final readonly class ForecastView implements Props
{
    /**
     * @param string $sentence where it stands, what it moves, where that leads
     * @param string $chance of being reached in time: "62%", "below 1%"
     * @param ?string $weekByWeek what the recent weeks added, oldest first: in the measure's own terms, or in points
     * @param ?string $growth how much the work itself grew in these weeks
     * @param ?string $safeOn by when it is almost certain
     */
    public function __construct(
        public string $sentence,
        public string $chance,
        public ?string $weekByWeek,
        public ?string $growth,
        public ?string $safeOn,
    ) {
    }

    /** @param Day $on as of which it is told */
    public static function of(?Forecast $forecast, Gauge $gauge, Day $on): ?self
    {
        return $forecast === null
            ? null
            : new self(
                ForecastWords::sentence($forecast, $gauge, $on),
                ForecastWords::chance($forecast),
                ForecastWords::weekByWeek($forecast, $gauge->own),
                ForecastWords::growth($forecast),
                $forecast->safeOn === null ? null : ForecastWords::date($forecast->safeOn, $on),
            );
    }
}
