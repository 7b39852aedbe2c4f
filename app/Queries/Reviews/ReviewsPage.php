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
use Illuminate\Support\Collection;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Reviews\AskedQuestion;

/** A year with its quarters, months and weeks in which one was there, with what one made of them. */
final readonly class ReviewsPage
{
    public function __construct(private Workspace $workspace, private FirstDay $firstDay)
    {
    }

    public function of(Person $person, ?Period $year = null): Reviews
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();
        $year ??= $calendar->yearOf($today);
        $reviews = Review::query()->where('person_id', $person->id)->with('answers')->get()->keyBy('period');
        $first = $this->firstDay->of($person);
        $there = array_filter(
            $this->periods($year),
            static fn(Period $period): bool => $period->hasBegunOn($today) &&
                (! $period->span->last->isBefore($first) || $reviews->has($period->name)),
        );

        return new Reviews(
            PeriodTag::of($year, $calendar),
            array_map(fn(Period $period): ReviewRow => $this->row($period, $reviews), array_values($there)),
        );
    }

    /** @return list<Period> the year, then each quarter with each of its months and their weeks, newest first */
    private function periods(Period $year): array
    {
        $calendar = $this->workspace->calendar();
        $weeks = array_reverse($calendar->weeksIn($year->span));
        $periods = [$year];
        $last = ['', ''];

        foreach ($weeks as $week) {
            $above = [$calendar->quarterOf($week->anchor()), $calendar->monthOf($week->anchor())];

            foreach ($above as $place => $period) {
                if ($period->name !== $last[$place]) {
                    $periods[] = $period;
                    $last[$place] = $period->name;
                }
            }

            $periods[] = $week;
        }

        return $periods;
    }

    /** @param Collection<array-key, Review> $reviews by period */
    private function row(Period $period, Collection $reviews): ReviewRow
    {
        $review = $reviews->get($period->name);
        $isHeld = $review?->held_at !== null;
        $alignment = $isHeld ? $review->facts['alignment'] ?? null : null;
        $answer = $review?->answers->first(
            static fn(Answer $answer): bool => $answer->words !== '' && ! str_starts_with($answer->question, AskedQuestion::CHECK),
        );

        return new ReviewRow(
            $period->horizon,
            PeriodTag::of($period, $this->workspace->calendar()),
            $review?->held_at?->format('Y-m-d'),
            is_int($alignment) ? $alignment : null,
            $answer?->words,
        );
    }
}
