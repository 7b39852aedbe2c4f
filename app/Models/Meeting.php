<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
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
 * @property ?Carbon $closing_at when somebody began to close it
 * @property ?Carbon $paused_at
 * @property ?string $summary
 * @property-read Series $series
 * @property-read ?Person $chair
 * @property-read ?Person $minuteTaker
 * @property-read Collection<int, AgendaItem> $items
 * @property-read Collection<int, Attendance> $attendances
 * @property-read Collection<int, FollowUp> $followUps
 * @property-read ?FinalMinutes $finalMinutes
 */
final class Meeting extends Record
{
    /** For so many minutes a meeting that somebody began to close counts as about to be closed. */
    private const CLOSING = 3;

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

    /** @return HasOne<FinalMinutes, $this> */
    public function finalMinutes(): HasOne
    {
        return $this->hasOne(FinalMinutes::class);
    }

    /** @return HasMany<FollowUp, $this> */
    public function followUps(): HasMany
    {
        return $this->hasMany(FollowUp::class)->orderBy('id');
    }

    /** @return HasMany<Attendance, $this> */
    public function attendances(): HasMany
    {
        return $this->hasMany(Attendance::class)->orderBy('id');
    }

    /** The clock as the meeting has it: it stands while it is paused or closed. */
    public function clock(): Carbon
    {
        return $this->closed_at ?? ($this->paused_at ?? Carbon::now());
    }

    /** Whether somebody is about to close it. One who began to and left it does not keep the others waiting. */
    public function isClosing(): bool
    {
        return $this->closing_at !== null && $this->closing_at->isAfter(Carbon::now()->subMinutes(self::CLOSING));
    }

    /** When it is to end. */
    public function end(): Carbon
    {
        return $this->opened_at->copy()->addMinutes($this->minutes);
    }

    protected function casts(): array
    {
        return [
            'on' => AsDay::class,
            'opened_at' => 'datetime',
            'closed_at' => 'datetime',
            'closing_at' => 'datetime',
            'paused_at' => 'datetime',
        ];
    }
}
