<?php

declare(strict_types=1);

namespace Database\Demo;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Chance that falls the same way every time. */
final readonly class Dice
{
    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function between(int $low, int $high): int
    {
        return $this->random->getInt($low, $high);
    }

    /** True in so many of a hundred throws. */
    public function falls(int $percent): bool
    {
        return $this->between(1, 100) <= $percent;
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $from
     *
     * @return T
     */
    public function pick(array $from): mixed
    {
        return $from[$this->between(0, count($from) - 1)];
    }
}
