<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Loftrin\Core\Calendar\Day;

/**
 * @property int $series_id
 * @property Day $on
 * @property string $time
 * @property int $minutes
 * @property ?int $chair_id
 * @property ?int $minute_taker_id
 * @property Carbon $opened_at
 * @property ?Carbon $closed_at
 * @property ?string $summary
 * @property-read Series $series
 * @property-read ?Person $chair
 * @property-read ?Person $minuteTaker
 * @property-read Collection<int, AgendaItem> $items
 * @property-read Collection<int, Attendance> $attendances
 */
final class Meeting extends Record
{
    protected $table = 'meetings';

    /** @return BelongsTo<Series, $this> */
    public function series(): BelongsTo
    {
        return $this->belongsTo(Series::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function chair(): BelongsTo
    {
        return $this->belongsToPerson('chair_id');
    }

    /** @return BelongsTo<Person, $this> */
    public function minuteTaker(): BelongsTo
    {
        return $this->belongsToPerson('minute_taker_id');
    }

    /** @return HasMany<AgendaItem, $this> */
    public function items(): HasMany
    {
        return $this->hasMany(AgendaItem::class)->orderBy('position')->orderBy('id');
    }

    /** @return HasMany<Attendance, $this> */
    public function attendances(): HasMany
    {
        return $this->hasMany(Attendance::class)->orderBy('id');
    }

    protected function casts(): array
    {
        return [
            'on' => AsDay::class,
            'opened_at' => 'datetime',
            'closed_at' => 'datetime',
        ];
    }
}
