<?php

declare(strict_types=1);

namespace App\Queries\Day\Answers;

use App\Queries\Props;

/** The hours of a day to scale: as planned, and as they went. Minutes since midnight. */
final readonly class DayHoursView implements Props
{
    /**
     * @param int $from where the ruler begins, a full hour
     * @param int $until where it ends, a full hour
     * @param list<RulerPart> $planned
     * @param list<RulerPart> $went
     * @param ?int $now of today
     */
    public function __construct(
        public int $from,
        public int $until,
        public array $planned,
        public array $went,
        public ?int $now,
    ) {
    }
}
