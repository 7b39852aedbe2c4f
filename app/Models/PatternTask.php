<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $pattern_id
 * @property ?int $pattern_stage_id
 * @property int $position
 * @property string $title
 * @property ?string $role who does it; null for the owner of the project
 * @property ?int $day days after the start by which it is due
 * @property ?int $minutes
 * @property-read ?PatternStage $stage
 * @property-read Collection<int, PatternStep> $steps
 */
final class PatternTask extends Record
{
    protected $table = 'pattern_tasks';

    /** @return BelongsTo<PatternStage, $this> */
    public function stage(): BelongsTo
    {
        return $this->belongsTo(PatternStage::class, 'pattern_stage_id');
    }

    /** @return HasMany<PatternStep, $this> */
    public function steps(): HasMany
    {
        return $this->hasMany(PatternStep::class)->orderBy('position')->orderBy('id');
    }
}
