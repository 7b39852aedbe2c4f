<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A question of one retrospective.
 *
 * @property int $retrospective_id
 * @property int $position
 * @property string $words
 * @property-read Retrospective $retrospective
 * @property-read Collection<int, RetrospectiveAnswer> $answers
 */
final class RetrospectiveQuestion extends Record
{
    protected $table = 'retrospective_questions';

    /** @return BelongsTo<Retrospective, $this> */
    public function retrospective(): BelongsTo
    {
        return $this->belongsTo(Retrospective::class);
    }

    /** @return HasMany<RetrospectiveAnswer, $this> */
    public function answers(): HasMany
    {
        return $this->hasMany(RetrospectiveAnswer::class)->orderBy('id');
    }
}
