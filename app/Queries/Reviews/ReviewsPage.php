<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Answer;
use App\Models\Person;
use App\Models\Review;
use App\Models\Workspace;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Reviews\Answers\ReviewRow;
use App\Queries\Reviews\Answers\Reviews;
use Loftrin\Core\Calendar\Period;

/** The weeks of the year so far in which one was there, with what one made of them. */
final readonly class ReviewsPage
{
    public function __construct(private Workspace $workspace, private FirstDay $firstDay)
    {
    }

    public function of(Person $person): Reviews
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();
        $reviews = Review::query()->where('person_id', $person->id)->with('answers')->get()->keyBy('period');
        $first = $this->firstDay->of($person);
        $weeks = array_filter(
            $calendar->weeksIn($calendar->yearOf($today)->span),
            static fn(Period $week): bool => $week->hasBegunOn($today) &&
                (! $week->span->last->isBefore($first) || $reviews->has($week->name)),
        );

        return new Reviews(
            array_map(fn(Period $week): ReviewRow => $this->row($week, $reviews->get($week->name)), array_values(array_reverse($weeks))),
        );
    }

    private function row(Period $week, ?Review $review): ReviewRow
    {
        $isHeld = $review?->held_at !== null;
        $alignment = $isHeld ? $review->facts['alignment'] ?? null : null;
        $answer = $review?->answers->first(static fn(Answer $answer): bool => $answer->words !== '');

        return new ReviewRow(
            PeriodTag::of($week, $this->workspace->calendar()),
            $review?->held_at?->format('Y-m-d'),
            is_int($alignment) ? $alignment : null,
            $answer?->words,
        );
    }
}
