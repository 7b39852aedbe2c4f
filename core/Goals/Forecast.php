<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;

/** How a goal or a project will end if it goes on as in its recent weeks. */
final readonly class Forecast
{
    /**
     * @param list<int> $increments what the recent weeks added, oldest first, in thousandths
     * @param float $chance of being reached within the period, or by the due date, 0 to 1
     * @param ?Day $likelyOn last day of the first week by which it is as likely as not
     * @param ?Day $safeOn last day of the first week by which the chance is 85 in 100
     * @param ?int $low with one ending in ten below it: where the period ends, in thousandths
     * @param ?int $high with one ending in ten above it
     * @param int $remaining what is still to be reached, in thousandths
     * @param int $weeksLeft the weeks ahead that belong to the period
     * @param ?Fraction $grew how much of what is in scope was not there when the first of those weeks ended, 0 to 1
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
        public ?Fraction $grew = null,
    ) {
    }

    /** The chance in whole per cent. */
    public function percent(): int
    {
        return (int) round($this->chance * 100);
    }

    /** What a week added on average, in thousandths. */
    public function averageIncrement(): float
    {
        return $this->increments === [] ? 0.0 : array_sum($this->increments) / count($this->increments);
    }

    /** What each week left would have to add to make it in time, in thousandths; null when none is left. */
    public function neededIncrement(): ?float
    {
        return $this->weeksLeft === 0 ? null : $this->remaining / $this->weeksLeft;
    }
}
