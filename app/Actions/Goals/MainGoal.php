<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Models\Goal;
use App\Models\Person;
use App\Store\RefusedChange;
use Illuminate\Support\Facades\Gate;

/** The main goal of a period: there is one, and what was it before steps back. */
final readonly class MainGoal
{
    /** @throws RefusedChange when it is not the person's to choose */
    public static function becomes(Person $who, Goal $goal): void
    {
        $mayChoose = Gate::forUser($who)->inspect('makeMain', $goal);

        if ($mayChoose->denied()) {
            throw new RefusedChange('isMain', (string) $mayChoose->message());
        }

        Goal::query()
            ->where('period', $goal->period)
            ->where('is_main', true)
            ->whereKeyNot($goal->id ?? 0)
            ->get()
            ->each(static fn(Goal $other): bool => $other->update(['is_main' => false]));
    }
}
