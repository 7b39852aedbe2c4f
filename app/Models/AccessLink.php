<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A link by which somebody chooses a password: once, and for some days. The token itself is in the link alone.
 *
 * @property int $person_id
 * @property string $digest
 * @property Carbon $expires_at
 * @property ?Carbon $used_at
 * @property bool $is_invitation
 * @property ?Carbon $created_at
 * @property-read Person $person
 */
final class AccessLink extends Record
{
    protected $table = 'access_links';

    protected $hidden = ['digest'];

    /** Whether somebody was invited who has not come, and may still. */
    public static function isAwaited(Person $person): bool
    {
        return self::query()->awaited()->where('person_id', $person->id)->exists();
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsToPerson('person_id');
    }

    /** @param Builder<self> $query */
    protected function scopeOpen(Builder $query, string $token): void
    {
        $query
            ->where('digest', hash('sha256', $token))
            ->whereNull('used_at')
            ->where('expires_at', '>', Carbon::now())
            ->whereHas('person', static fn(Builder $person) => $person->whereNull('deactivated_on'));
    }

    /** @param Builder<self> $query invitations of people who have not come, and may still */
    protected function scopeAwaited(Builder $query): void
    {
        $query
            ->where('is_invitation', true)
            ->whereNotIn('person_id', self::query()->whereNotNull('used_at')->select('person_id'))
            ->whereHas('person', static fn(Builder $person) => $person->whereNull('deactivated_on'));
    }

    protected function casts(): array
    {
        return ['expires_at' => 'datetime', 'used_at' => 'datetime', 'is_invitation' => 'boolean'];
    }
}
