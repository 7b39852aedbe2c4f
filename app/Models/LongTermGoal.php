<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Loftrin\Core\Calendar\Day;

/**
 * Where we want to be beyond this year.
 *
 * @property string $title
 * @property ?string $why
 * @property Day $on
 * @property-read Collection<int, Goal> $goals
 */
final class LongTermGoal extends Record
{
    protected $table = 'long_term_goals';

    /** @return HasMany<Goal, $this> */
    public function goals(): HasMany
    {
        return $this->hasMany(Goal::class)->orderBy('id');
    }

    protected function casts(): array
    {
        return ['on' => AsDay::class];
    }
}
