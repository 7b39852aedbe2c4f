<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

enum MeasureKind: string
{
    case Work = 'work';
    case Number = 'number';
    case Keep = 'keep';
    case Count = 'count';
    case YesNo = 'yes_no';
    case Judged = 'judged';

    /** Whether dated values are entered for a goal of this kind. */
    public function takesReadings(): bool
    {
        return $this === self::Number || $this === self::Keep;
    }

    /** Whether the recent weeks say how it will end: computation 6. */
    public function hasForecast(): bool
    {
        return $this === self::Work || $this === self::Number || $this === self::Count;
    }
}
