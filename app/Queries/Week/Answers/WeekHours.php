<?php

declare(strict_types=1);

namespace App\Queries\Week\Answers;

use App\Queries\Props;
use Loftrin\Core\Work\Capacity;

/** The hours of a person's week in minutes, of the present one from today on. Rules: computation 10. */
final readonly class WeekHours implements Props
{
    /**
     * @param int $available one works
     * @param int $taken by meetings and appointments
     * @param int $onDays planned with tasks of a day
     * @param int $noDay planned with tasks of the week that have no day yet, or are due in it
     * @param int $efforts meant for main efforts besides
     * @param int $free below 0 when there is more than fits; to others rounded down to the half hour
     */
    private function __construct(
        public int $available,
        public int $taken,
        public int $onDays,
        public int $noDay,
        public int $efforts,
        public int $free,
    ) {
    }

    public static function of(Capacity $week, int $noDay): self
    {
        return new self(
            available: $week->hours,
            taken: $week->hours - $week->available(),
            onDays: $week->planned - $noDay,
            noDay: $noDay,
            efforts: $week->efforts,
            free: $week->free(),
        );
    }

    /** As others see it: what is planned beyond what they may see does not show. */
    public static function toOthers(Capacity $week): self
    {
        $free = $week->freeToOthers();

        return new self(
            available: $week->hours,
            taken: 0,
            onDays: max(0, $week->hours - $free),
            noDay: 0,
            efforts: 0,
            free: $free,
        );
    }
}
