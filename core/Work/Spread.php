<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;

/** Spreads so many days evenly over a span. */
final readonly class Spread
{
    /** @return list<Day> in order: each in the middle of its part of the span */
    public static function over(Span $span, int $count): array
    {
        $length = $span->last->number - $span->first->number + 1;

        return array_map(
            static fn(int $place): Day => $span->first->plus(intdiv((2 * $place + 1) * $length, 2 * $count)),
            $count < 1 ? [] : range(0, $count - 1),
        );
    }
}
