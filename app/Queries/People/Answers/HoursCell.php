<?php

declare(strict_types=1);

namespace App\Queries\People\Answers;

use App\Queries\Props;
use Loftrin\Core\Work\Capacity;

/** A person's hours of a week, in minutes. */
final readonly class HoursCell implements Props
{
    /**
     * @param int $taken by meetings and appointments
     * @param int $planned with open tasks, and meant for main efforts
     * @param int $available after meetings and appointments
     * @param int $free below 0 when there is more than fits
     * @param int $against how many meetings and appointments go against hours that the person keeps
     */
    private function __construct(
        public string $week,
        public int $taken,
        public int $planned,
        public int $available,
        public int $free,
        public int $against,
    ) {
    }

    /** As the person sees it themselves. */
    public static function own(string $week, Capacity $capacity, int $against): self
    {
        return self::with($week, $capacity->hours, $capacity->available(), $capacity->free(), $against);
    }

    /**
     * As others see it: free time rounded down, with what is private in it, and the rest of what is not free as planned.
     *
     * @param int $taken by what all may know of
     */
    public static function toOthers(string $week, Capacity $capacity, int $taken, int $against): self
    {
        return self::with($week, $capacity->hours, max(0, $capacity->hours - $taken), $capacity->freeToOthers(), $against);
    }

    private static function with(string $week, int $hours, int $available, int $free, int $against): self
    {
        return new self(
            week: $week,
            taken: $hours - $available,
            planned: $available - $free,
            available: $available,
            free: $free,
            against: $against,
        );
    }
}
