<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;

/**
 * A page of a running meeting that somebody has open. It comes and goes, and is no part of any change.
 *
 * @property int $meeting_id
 * @property int $person_id
 * @property string $browser one of the pages that a person has open
 * @property Carbon $seen_at
 * @property int $unsent lines of it that the server does not have yet
 */
final class Presence extends Record
{
    /** So many seconds after it was last seen a page counts as gone. */
    public const GONE = 12;

    protected $table = 'presences';

    public $timestamps = false;

    /** @param Builder<self> $query */
    protected function scopeHere(Builder $query, int $meeting): void
    {
        $query->where('meeting_id', $meeting)->where('seen_at', '>=', Carbon::now()->subSeconds(self::GONE));
    }

    protected function casts(): array
    {
        return ['seen_at' => 'datetime'];
    }
}
