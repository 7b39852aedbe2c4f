<?php

declare(strict_types=1);

namespace Loftrin\Core\Day;

use Loftrin\Core\Calendar\Span;

/** One period of a habit: how often it was done in it, and what that came to. */
final readonly class HabitPeriod
{
    public function __construct(public Span $span, public int $count, public HabitState $state)
    {
    }
}
