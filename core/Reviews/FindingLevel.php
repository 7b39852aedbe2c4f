<?php

declare(strict_types=1);

namespace Loftrin\Core\Reviews;

use Loftrin\Core\Calendar\Horizon;

/** The review to which a finding goes up. */
enum FindingLevel: string
{
    case Month = 'month';
    case Quarter = 'quarter';
    case Year = 'year';

    /** That of the review above one; a year's has none above it. */
    public static function above(Horizon $horizon): ?self
    {
        return match ($horizon) {
            Horizon::Week => self::Month,
            Horizon::Month => self::Quarter,
            Horizon::Quarter => self::Year,
            Horizon::Year => null,
        };
    }

    /** Whether a finding of this level is among those of a review. */
    public function reaches(Horizon $horizon): bool
    {
        return match ($horizon) {
            Horizon::Week, Horizon::Month => true,
            Horizon::Quarter => $this !== self::Month,
            Horizon::Year => $this === self::Year,
        };
    }
}
