<?php

declare(strict_types=1);

namespace App\Actions\Reviews;

use App\Models\Answer;
use App\Models\Group;
use App\Models\Person;
use App\Models\Review;
use App\Models\Share;
use App\Store\ChangeLog;
use App\Store\RefusedChange;

/** Lets a person or a group read what somebody wrote in a review, or one answer of it, and takes that back. */
final readonly class ShareReview
{
    public function __construct(private ChangeLog $log)
    {
    }

    /**
     * @param Review|Answer $what of the person themselves
     *
     * @throws RefusedChange when it would be shared with oneself
     */
    public function __invoke(Person $who, Review|Answer $what, Person|Group $with, bool $isShared): void
    {
        if ($with instanceof Person && $with->id === $who->id) {
            throw new RefusedChange('with', 'You can read it already.');
        }

        $columns = [
            $what instanceof Review ? 'review_id' : 'answer_id' => $what->id,
            $with instanceof Person ? 'person_id' : 'group_id' => $with->id,
        ];
        $words = $isShared ? "Shared with {$with->name}" : "No longer shared with {$with->name}";

        $this->log->change($who, $words, static function () use ($columns, $isShared): void {
            $share = Share::query()->where($columns)->first();

            if ($isShared && $share === null) {
                Share::query()->create($columns);
            } elseif (! $isShared) {
                $share?->delete();
            }
        });
    }
}
