<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Loftrin\Core\Calendar\Day;

/**
 * @property int $goal_id
 * @property Day $on
 * @property float|int|string $value
 * @property int $entered_by
 * @property ?int $habit_id that keeps it
 * @property-read Goal $goal
 * @property-read Person $author
 */
final class Reading extends Record
{
    protected $table = 'readings';

    /** @return BelongsTo<Goal, $this> */
    public function goal(): BelongsTo
    {
        return $this->belongsTo(Goal::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function author(): BelongsTo
    {
        return $this->belongsToPerson('entered_by');
    }

    protected function casts(): array
    {
        return [
            'on' => AsDay::class,
        ];
    }
}
