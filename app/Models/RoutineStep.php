<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Loftrin\Core\Calendar\Day;

/**
 * @property int $routine_id
 * @property int $position
 * @property string $title
 * @property ?Day $ticked_on of a checklist that is used again
 * @property-read Routine $routine
 */
final class RoutineStep extends Record
{
    protected $table = 'routine_steps';

    /** @return BelongsTo<Routine, $this> */
    public function routine(): BelongsTo
    {
        return $this->belongsTo(Routine::class);
    }

    protected function casts(): array
    {
        return ['ticked_on' => AsDay::class];
    }
}
