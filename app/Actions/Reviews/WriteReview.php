<?php

declare(strict_types=1);

namespace App\Actions\Reviews;

use App\Models\Answer;
use App\Models\Person;
use App\Models\Review;
use App\Models\Workspace;
use App\Queries\Reviews\FactsQuery;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Illuminate\Support\Carbon;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Reviews\Question;

/** A person's own look back on a week: answers in any order, then held, with the facts as they were seen. */
final readonly class WriteReview
{
    public function __construct(private ChangeLog $log, private Workspace $workspace, private FactsQuery $facts)
    {
    }

    public function answer(Person $who, Period $week, Question $question, ?string $words): void
    {
        $this->refuseFuture($week);

        $this->log->change(
            $who,
            "Answered “{$question->words()}”",
            function () use ($who, $week, $question, $words): void {
                $review = $this->review($who, $week);
                $answer = Answer::query()->where('review_id', $review->id)->firstWhere('question', $question->value);
                ($answer ?? new Answer(['review_id' => $review->id, 'question' => $question]))->fill(['words' => $words ?? ''])->save();
            },
            isStep: false,
        );
    }

    /** @throws RefusedChange when it was held already */
    public function hold(Person $who, Period $week): void
    {
        $this->refuseFuture($week);

        $this->log->change($who, "Reviewed $week", function () use ($who, $week): void {
            $review = $this->review($who, $week);

            if ($review->held_at !== null) {
                throw new RefusedChange('review', 'This week has already been reviewed.');
            }

            /** @var array<string, mixed> $facts */
            $facts = json_decode((string) json_encode($this->facts->of($week, $who)), true);
            $review->update(['held_at' => Carbon::now(), 'facts' => $facts]);
        });
    }

    /** Takes up a review again: its facts are worked out anew. */
    public function reopen(Person $who, Period $week): void
    {
        $this->log->change(
            $who,
            "Reopened the review of $week",
            fn() => $this->review($who, $week)->update(['held_at' => null, 'facts' => null]),
        );
    }

    private function review(Person $who, Period $week): Review
    {
        return Review::query()->where('person_id', $who->id)->firstWhere('period', $week->name) ??
            Review::query()->create(['person_id' => $who->id, 'period' => $week->name]);
    }

    private function refuseFuture(Period $week): void
    {
        if (! $week->hasBegunOn($this->workspace->today())) {
            throw new RefusedChange('review', 'This week has not begun.');
        }
    }
}
