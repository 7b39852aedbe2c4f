<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Loftrin\Core\Calendar\Day;

/**
 * How a stretch is gone about: a driver, a trial, a skill to learn, something to give up.
 *
 * @property string $stretch that it was resolved for, as its planning is named
 * @property Day $starts_on of the stretch
 * @property Day $ends_on
 * @property ResolveKind $kind
 * @property string $title
 * @property int $owner_id
 * @property ?Day $ended_on
 * @property ?string $learned
 * @property-read Person $owner
 */
final class Resolve extends Record
{
    protected $table = 'resolves';

    /** @return BelongsTo<Person, $this> */
    public function owner(): BelongsTo
    {
        return $this->belongsToPerson('owner_id');
    }

    protected function casts(): array
    {
        return ['starts_on' => AsDay::class, 'ends_on' => AsDay::class, 'ended_on' => AsDay::class, 'kind' => ResolveKind::class];
    }
}
