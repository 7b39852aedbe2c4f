<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A circle or a person that may see a goal which is not for everyone.
 *
 * @property int $goal_id
 * @property ?int $circle_id
 * @property ?int $person_id
 * @property-read ?Circle $circle
 */
final class Admission extends Record
{
    protected $table = 'admissions';

    /** @return BelongsTo<Circle, $this> */
    public function circle(): BelongsTo
    {
        return $this->belongsTo(Circle::class);
    }

    /** @return list<int> ids of the people it admits */
    public function people(): array
    {
        if ($this->person_id !== null) {
            return [$this->person_id];
        }

        return array_map(
            static fn(Membership $membership): int => $membership->person_id,
            array_values($this->circle?->memberships->all() ?? []),
        );
    }
}
