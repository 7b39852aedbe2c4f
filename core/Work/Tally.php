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

    /** Done ÷ total, 0 to 1; null with no task in scope. */
    public function progress(): ?Fraction
    {
        return $this->tasks === 0 ? null : $this->done->over($this->total);
    }
}
