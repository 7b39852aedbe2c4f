<?php

declare(strict_types=1);

namespace App\Actions\Reviews;

use App\Models\Answer;
use App\Models\Person;
use App\Models\Review;
use App\Models\Verdict as Said;
use App\Models\Workspace;
use App\Queries\Parts\Questions;
use App\Queries\Reviews\FactsQuery;
use App\Queries\Reviews\PeriodFactsQuery;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Illuminate\Support\Carbon;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Reviews\Question;
use Loftrin\Core\Reviews\Verdict;

/** A person's own look back on a period: answers in any order, then held, with the facts as they were seen. */
final readonly class WriteReview
{
    public function __construct(
        private ChangeLog $log,
        private Workspace $workspace,
        private FactsQuery $facts,
        private PeriodFactsQuery $periodFacts,
    ) {
    }

    /**
     * @param string $question its key
     *
     * @throws RefusedChange when it is none of their questions, or the period has not begun
     */
    public function answer(Person $who, Period $period, string $question, ?string $words): void
    {
        $this->refuseFuture($period);
        $asked = Questions::words($question, $who) ?? throw new RefusedChange('question', 'This question no longer exists.');

        $this->log->change(
            $who,
            "Answered “{$asked}”",
            function () use ($who, $period, $question, $words): void {
                $review = $this->review($who, $period);
                $answer = Answer::query()->where('review_id', $review->id)->firstWhere('question', $question);
                ($answer ?? new Answer(['review_id' => $review->id, 'question' => $question]))->fill(['words' => $words ?? ''])->save();
            },
            isStep: false,
        );
    }

    /**
     * What became of what they wanted to do differently, as they see it in this review.
     *
     * @param Answer $answer to that question, of an earlier review of their own
     * @param ?Verdict $verdict null for none
     *
     * @throws RefusedChange when the answer is to another question, or of a later review
     */
    public function judge(Person $who, Period $period, Answer $answer, ?Verdict $verdict): void
    {
        if ($answer->question !== Question::Differently->value || $answer->review->period >= $period->name) {
            throw new RefusedChange('answer', 'This is not something you wanted to do differently before.');
        }

        $this->log->change($who, 'Said what became of it', static function () use ($answer, $period, $verdict): void {
            $said = $answer->verdicts()->where('period', $period->name)->first();

            if ($verdict === null) {
                $said?->delete();
            } else {
                ($said ?? new Said(['answer_id' => $answer->id, 'period' => $period->name]))->fill(['verdict' => $verdict])->save();
            }
        });
    }

    /** @throws RefusedChange when it was held already */
    public function hold(Person $who, Period $period): void
    {
        $this->refuseFuture($period);

        $this->log->change($who, "Reviewed $period", function () use ($who, $period): void {
            $review = $this->review($who, $period);

            if ($review->held_at !== null) {
                throw new RefusedChange('review', 'This has already been reviewed.');
            }

            $seen = $period->horizon === Horizon::Week ? $this->facts->of($period, $who) : $this->periodFacts->of($period, $who);
            /** @var array<string, mixed> $facts */
            $facts = json_decode((string) json_encode($seen), true);
            $review->update(['held_at' => Carbon::now(), 'facts' => $facts]);
        }, isFinal: true);
    }

    /** Takes up a review again: its facts are worked out anew. */
    public function reopen(Person $who, Period $period): void
    {
        $this->log->change(
            $who,
            "Reopened the review of $period",
            fn() => $this->review($who, $period)->update(['held_at' => null, 'facts' => null]),
        );
    }

    private function review(Person $who, Period $period): Review
    {
        return Review::query()->where('person_id', $who->id)->firstWhere('period', $period->name) ??
            Review::query()->create(['person_id' => $who->id, 'period' => $period->name]);
    }

    private function refuseFuture(Period $period): void
    {
        if (! $period->hasBegunOn($this->workspace->today())) {
            throw new RefusedChange('review', 'It has not begun, so there is nothing to review yet.');
        }
    }
}
