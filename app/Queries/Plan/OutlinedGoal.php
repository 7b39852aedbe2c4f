<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use Loftrin\Core\Calendar\Horizon;

/** A goal in its place among those of its year. */
final readonly class OutlinedGoal
{
    /**
     * @param ?int $parent that it hangs on, whether or not it counts there
     * @param bool $isOpen whether it is not closed
     */
    public function __construct(
        public int $id,
        public string $title,
        public ?string $mark,
        public Horizon $horizon,
        public string $period,
        public ?int $parent,
        public int $owner,
        public ?int $group,
        public ?int $area,
        public bool $isMain,
        public bool $isForEveryone,
        public bool $isOpen,
    ) {
    }
}
