<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Loftrin\Core\Calendar\Horizon;

/**
 * @property int $person_id
 * @property string $period
 * @property ?Carbon $held_at
 * @property array<string, mixed>|null $facts
 * @property-read Collection<int, Answer> $answers
 * @property-read Collection<int, Share> $shares
 * @property-read Person $person
 */
final class Review extends Record
{
    protected $table = 'reviews';

    /**
     * Of a week, a month, a quarter or a year: by how such a period is named.
     *
     * @param Builder<self> $query
     */
    protected function scopeOfKind(Builder $query, Horizon $horizon): void
    {
        match ($horizon) {
            Horizon::Week => $query->where('period', 'like', '%-W%'),
            Horizon::Quarter => $query->where('period', 'like', '%-Q%'),
            Horizon::Month => $query
                ->where('period', 'like', '%-%')
                ->where('period', 'not like', '%-W%')
                ->where('period', 'not like', '%-Q%'),
            Horizon::Year => $query->where('period', 'not like', '%-%'),
        };
    }

    /** @return HasMany<Answer, $this> */
    public function answers(): HasMany
    {
        return $this->hasMany(Answer::class)->orderBy('id');
    }

    /** @return HasMany<Share, $this> */
    public function shares(): HasMany
    {
        return $this->hasMany(Share::class)->orderBy('id');
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsToPerson('person_id');
    }

    protected function casts(): array
    {
        return [
            'held_at' => 'datetime',
            'facts' => 'array',
        ];
    }
}
