<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use Loftrin\Core\Fraction;

/** Where a goal stands on a day. */
final readonly class Figure
{
    /**
     * @param ?Fraction $progress 0 to 1; null when there is nothing to measure
     * @param ?Fraction $expected 0 to 1; null for a direction that is no number
     * @param ?Reading $reading the reading that a number was taken from
     * @param ?int $counted the things done, of a goal that counts them
     */
    public function __construct(
        public ?Fraction $progress,
        public ?Fraction $expected,
        public Band $band,
        public ?Reading $reading = null,
        public ?int $counted = null,
    ) {
    }

    /** Whether it is that of a number or a count that has come to its target: nothing of it is left to carry over. Rules: computation 4. */
    public function isComplete(MeasureKind $measure): bool
    {
        return in_array($measure, [MeasureKind::Number, MeasureKind::Count], true) &&
            $this->progress?->isAtLeast(Fraction::one()) === true;
    }

    /** The same, of a goal of which is said how it was closed. */
    public function closedAs(Result $result): self
    {
        return new self($this->progress, $this->expected, Band::ofResult($result), $this->reading, $this->counted);
    }

    /** Progress − expected; null when there is none of either. */
    public function gap(): ?Fraction
    {
        return $this->progress === null || $this->expected === null ? null : $this->progress->minus($this->expected);
    }
}
