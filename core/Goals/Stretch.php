<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use Loftrin\Core\Fraction;

/** The part of a pace that a day lies in: from one point to the next, in working days done. Rules: computation 5. */
final readonly class Stretch
{
    /**
     * @param int $fromDays working days done where it begins
     * @param Fraction $from what should have been reached there, 0 to 1
     * @param int $now working days done on the day
     * @param int $total working days of the whole span
     */
    public function __construct(
        public int $fromDays,
        public Fraction $from,
        public int $toDays,
        public Fraction $to,
        public int $now,
        public int $total,
    ) {
    }

    /** What should have been reached, 0 to 1: as far along the stretch as its working days are done. */
    public function expected(): Fraction
    {
        return $this->now >= $this->toDays
            ? $this->to
            : $this->from->plus(
                $this->to->minus($this->from)->times(Fraction::of($this->now - $this->fromDays, $this->toDays - $this->fromDays)),
            );
    }
}
