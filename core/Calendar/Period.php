<?php

declare(strict_types=1);

namespace Loftrin\Core\Calendar;

use Stringable;

/** A year, quarter, month or week by its name, with the days it covers. */
final readonly class Period implements Stringable
{
    public function __construct(public Horizon $horizon, public string $name, public Span $span)
    {
    }

    /** The day that decides to which longer period this one belongs: a week's fourth day, otherwise its first. */
    public function anchor(): Day
    {
        return $this->horizon === Horizon::Week ? $this->span->first->plus(3) : $this->span->first;
    }

    /** Whether the other lies in this one: a week by its anchor, anything else whole. */
    public function holds(self $other): bool
    {
        return match (true) {
            $this->horizon === Horizon::Week => $this->name === $other->name,
            $other->horizon === Horizon::Week => $this->span->holds($other->anchor()),
            default => $this->span->contains($other->span),
        };
    }

    public function isOverOn(Day $day): bool
    {
        return $day->isAfter($this->span->last);
    }

    public function hasBegunOn(Day $day): bool
    {
        return ! $day->isBefore($this->span->first);
    }

    public function __toString(): string
    {
        return $this->name;
    }
}
