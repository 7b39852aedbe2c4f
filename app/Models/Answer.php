<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Loftrin\Core\Reviews\AskedQuestion;

/**
 * @property int $review_id
 * @property string $question the key of the question
 * @property string $words
 * @property bool $is_worth_telling
 * @property ?int $goal_id that it is about
 * @property-read Review $review
 * @property-read Collection<int, Verdict> $verdicts
 * @property-read ?Finding $finding
 * @property-read ?Goal $goal
 * @property-read Collection<int, Share> $shares
 */
final class Answer extends Record
{
    protected $table = 'answers';

    /** @return BelongsTo<Review, $this> */
    public function review(): BelongsTo
    {
        return $this->belongsTo(Review::class);
    }

    /**
     * What was written, not what was only ticked.
     *
     * @param Builder<self> $query
     */
    protected function scopeWritten(Builder $query): void
    {
        $query->where('words', '<>', '')->where('question', 'not like', AskedQuestion::CHECK.'%');
    }

    /**
     * A person's own: nobody else's is there.
     *
     * @param Builder<self> $query
     */
    protected function scopeOf(Builder $query, Person $person): void
    {
        $query->whereRelation('review', 'person_id', $person->id);
    }

    /** @return HasMany<Verdict, $this> */
    public function verdicts(): HasMany
    {
        return $this->hasMany(Verdict::class)->orderBy('period');
    }

    /** @return HasMany<Share, $this> */
    public function shares(): HasMany
    {
        return $this->hasMany(Share::class)->orderBy('id');
    }

    /** @return BelongsTo<Goal, $this> */
    public function goal(): BelongsTo
    {
        return $this->belongsTo(Goal::class);
    }

    protected function casts(): array
    {
        return ['is_worth_telling' => 'boolean'];
    }

    /** @return HasOne<Finding, $this> */
    public function finding(): HasOne
    {
        return $this->hasOne(Finding::class);
    }
}
