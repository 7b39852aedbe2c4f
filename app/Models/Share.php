<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A person or a group that may read what somebody wrote in a review: all of its answers, or one. Its facts stay the writer's.
 *
 * @property ?int $review_id
 * @property ?int $answer_id
 * @property ?int $person_id
 * @property ?int $group_id
 * @property-read ?Review $review
 * @property-read ?Answer $answer
 * @property-read ?Person $person
 * @property-read ?Group $group
 */
final class Share extends Record
{
    protected $table = 'shares';

    /** @return BelongsTo<Review, $this> */
    public function review(): BelongsTo
    {
        return $this->belongsTo(Review::class);
    }

    /** @return BelongsTo<Answer, $this> */
    public function answer(): BelongsTo
    {
        return $this->belongsTo(Answer::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsToPerson('person_id');
    }

    /** @return BelongsTo<Group, $this> */
    public function group(): BelongsTo
    {
        return $this->belongsTo(Group::class);
    }

    /**
     * What the person may read, by name or as one of a group they are in now.
     *
     * @param Builder<self> $query
     */
    protected function scopeReadBy(Builder $query, Person $person): void
    {
        $query->where(
            static fn(Builder $either) => $either
                ->where('person_id', $person->id)
                ->orWhereIn('group_id', Membership::query()->where('person_id', $person->id)->select('group_id')),
        );
    }
}
