<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Goals\Forecast;

final readonly class ForecastView implements Props
{
    /**
     * @param int       $chance     per cent
     * @param list<int> $increments of the recent weeks, oldest first, in tenths of a point
     */
    public function __construct(
        public int $chance,
        public array $increments,
        public ?Day $likelyOn,
        public ?Day $safeOn,
    ) {
    }

    public static function of(?Forecast $forecast): ?self
    {
        return $forecast === null ? null : new self(
            $forecast->percent(),
            $forecast->increments,
            $forecast->likelyOn,
            $forecast->safeOn,
        );
    }
}
