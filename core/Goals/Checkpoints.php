<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use InvalidArgumentException;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Fraction;

/** The checkpoints of a goal that does not grow evenly, in date order. Rules: computation 5. */
final readonly class Checkpoints
{
    /** @param list<Checkpoint> $points in date order */
    private function __construct(public array $points)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    /**
     * @param list<Checkpoint> $points in any order
     *
     * @throws InvalidArgumentException when one lies outside the period or 0 to 1, two share a day, or they fall
     */
    public static function in(Period $period, array $points): self
    {
        usort($points, static fn(Checkpoint $a, Checkpoint $b): int => $a->on->number <=> $b->on->number);
        $before = null;

        foreach ($points as $point) {
            $fault = match (true) {
                ! $period->span->holds($point->on) => "checkpoint $point->on lies outside $period",
                $point->fraction->isLessThan(Fraction::zero()),
                Fraction::one()->isLessThan($point->fraction)
                    => "checkpoint $point->on must be between 0 and 1",
                $before?->on->number === $point->on->number => "checkpoint $point->on stands twice",
                $before !== null && $point->fraction->isLessThan($before->fraction) => "checkpoint $point->on falls below the one before",
                default => null,
            };

            if ($fault !== null) {
                throw new InvalidArgumentException($fault);
            }

            $before = $point;
        }

        return new self($points);
    }

    public function areNone(): bool
    {
        return $this->points === [];
    }
}
