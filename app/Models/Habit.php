<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Calendar\Weekday;
use Loftrin\Core\Day\Habit as CountedHabit;
use Loftrin\Core\Day\HabitPer;

/**
 * Something a person means to do again and again: nobody else's to see.
 *
 * @property int $person_id
 * @property string $title
 * @property HabitPer $per
 * @property int $times in each period
 * @property list<string> $weekdays names of those on which a daily one counts; all when empty
 * @property ?int $goal_id whose readings it keeps
 * @property Day $began_on
 * @property ?Day $ended_on
 * @property-read Collection<int, HabitTick> $ticks
 */
final class Habit extends Record
{
    protected $table = 'habits';

    /** @return HasMany<HabitTick, $this> */
    public function ticks(): HasMany
    {
        return $this->hasMany(HabitTick::class)->orderBy('on');
    }

    /** @param list<Span> $rests */
    public function counted(array $rests): CountedHabit
    {
        return new CountedHabit(
            $this->per,
            $this->times,
            array_values(array_filter(array_map(Weekday::tryNamed(...), $this->weekdays))),
            $this->began_on,
            $this->ticks->mapWithKeys(static fn(HabitTick $tick): array => [$tick->on->number => $tick->count])->all(),
            $rests,
        );
    }

    protected function casts(): array
    {
        return ['per' => HabitPer::class, 'weekdays' => 'array', 'began_on' => AsDay::class, 'ended_on' => AsDay::class];
    }
}
