<?php

declare(strict_types=1);

namespace Loftrin\Core\Day;

/** A round of a focus session, or the break after it: from a second of the session to another. */
final readonly class FocusPart
{
    /** @param int $round from 1 */
    public function __construct(public int $from, public int $until, public int $round, public bool $isBreak)
    {
    }
}
