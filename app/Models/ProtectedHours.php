<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Weekday;
use Loftrin\Core\Day\HoursKind;
use Loftrin\Core\Day\ProtectedHours as Hours;

/**
 * Hours of a weekday that a person keeps for something. Everybody sees them: meetings are to respect them.
 *
 * @property int $person_id
 * @property string $weekday its name
 * @property string $from HH:MM on the wall clock
 * @property string $until
 * @property HoursKind $kind
 */
final class ProtectedHours extends Record
{
    protected $table = 'protected_hours';

    /**
     * Those of a person, in the order of the week.
     *
     * @param Builder<self> $query
     */
    protected function scopeOf(Builder $query, int $person): void
    {
        $query->where('person_id', $person)->orderBy('from')->orderBy('id');
    }

    public function hours(): Hours
    {
        return new Hours(Weekday::tryNamed($this->weekday) ?? Weekday::Monday, $this->from, $this->until, $this->kind);
    }

    protected function casts(): array
    {
        return ['kind' => HoursKind::class];
    }
}
