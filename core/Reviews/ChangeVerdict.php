<?php

declare(strict_types=1);

namespace Loftrin\Core\Reviews;

/** Whether a change that a retrospective ended in did what it was meant to, as seen by its sign. */
enum ChangeVerdict: string
{
    case Worked = 'worked';
    case Failed = 'failed';
    case Early = 'early';

    /** Whether it is asked about again at the next retrospective. */
    public function isOpen(): bool
    {
        return $this === self::Early;
    }
}
