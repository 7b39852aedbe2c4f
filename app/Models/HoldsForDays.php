<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Day;

/**
 * A link to a goal that a closing begins and ends. Rules: computation, at its head.
 *
 * @property ?Day $from_on the first day on which it holds; null for always
 * @property ?Day $until_on the last one, once the goal was carried on
 */
trait HoldsForDays
{
    /**
     * Those that no closing has ended.
     *
     * @param Builder<self> $query
     */
    protected function scopeCurrent(Builder $query): void
    {
        $query->whereNull($query->qualifyColumn('until_on'));
    }

    /** @return array<string, class-string> */
    protected function casts(): array
    {
        return ['from_on' => AsDay::class, 'until_on' => AsDay::class];
    }
}
