<?php

declare(strict_types=1);

namespace App\Queries\Direction;

/** The steps of a planning, in the order in which they are gone through. */
enum PlanningStep: string
{
    case LookBack = 'look_back';
    case Direction = 'direction';
    case Goals = 'goals';
    case Order = 'order';
    case Efforts = 'efforts';
    case Hours = 'hours';
    case Shelve = 'shelve';

    /** Counted from 0. */
    public function place(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    public static function at(int $place): self
    {
        return self::cases()[max(0, min($place, count(self::cases()) - 1))];
    }
}
