<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

use Loftrin\Core\Fraction;

/** The weights of a set of tasks in scope, how much of them is done, and how much was not there by the day looked at. */
final readonly class Tally
{
    public function __construct(public int $tasks, public Fraction $total, public Fraction $done, public Fraction $added)
    {
    }

    /** Done ÷ total, 0 to 1; null with no task in scope, or with nothing left to do in them. */
    public function progress(): ?Fraction
    {
        return $this->tasks === 0 || $this->total->isZero() ? null : $this->done->over($this->total);
    }

    /** Whether there is work, and all of it was done before it came here. */
    public function hasNothingLeft(): bool
    {
        return $this->tasks > 0 && $this->total->isZero();
    }

    /**
     * What was left of the same tasks when they came to a goal that carries another on, so that nothing is done twice.
     *
     * @param self $before over the same scope, what was done by the day on which they came
     */
    public function beyond(self $before): self
    {
        return new self(
            $this->tasks,
            $this->total->minus($before->done),
            $this->done->isLessThan($before->done) ? Fraction::zero() : $this->done->minus($before->done),
            $this->added,
        );
    }

    /** The two together. */
    public function plus(self $other): self
    {
        return new self(
            $this->tasks + $other->tasks,
            $this->total->plus($other->total),
            $this->done->plus($other->done),
            $this->added->plus($other->added),
        );
    }
}
