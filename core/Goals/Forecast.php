<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use Loftrin\Core\Calendar\Day;

/** How a goal or a project will end if it goes on as in its recent weeks. */
final readonly class Forecast
{
    /**
     * @param list<int> $increments what the recent weeks added, oldest first, in thousandths
     * @param float     $chance     of being reached within the period, or by the due date, 0 to 1
     * @param ?Day      $likelyOn   last day of the first week by which it is as likely as not
     * @param ?Day      $safeOn     last day of the first week by which the chance is 85 in 100
     * @param ?int      $low        with one ending in ten below it: where the period ends, in thousandths
     * @param ?int      $high       with one ending in ten above it
     * @param int       $remaining  what is still to be reached, in thousandths
     * @param int       $weeksLeft  the weeks ahead that belong to the period
     */
    public function __construct(
        public array $increments,
        public float $chance,
        public ?Day $likelyOn = null,
        public ?Day $safeOn = null,
        public ?int $low = null,
        public ?int $high = null,
        public int $remaining = 0,
        public int $weeksLeft = 0,
    ) {
    }

    /** The chance in whole per cent, as it is shown. */
    public function percent(): int
    {
        return (int) round($this->chance * 100);
    }
}
