<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

use Loftrin\Core\Fraction;

/**
 * So many tasks in scope with the same estimate, the sum of their fractions done, and how many of them did not exist by the day looked at.
 */
final readonly class Heap
{
    public function __construct(public int $tasks, public Fraction $done, public ?Fraction $minutes = null, public int $added = 0)
    {
    }
}
