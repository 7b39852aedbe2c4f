<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Person;
use App\Models\Review;
use App\Models\Workspace;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Reviews\Answers\PeriodReviewView;
use App\Queries\Reviews\Answers\Sharing;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Reviews\FindingLevel;

/** A person's look back on a month, quarter or year: never a blank page. */
final readonly class PeriodReviewPage
{
    public function __construct(
        private Workspace $workspace,
        private PeriodFactsQuery $facts,
        private Digest $digest,
        private MonthLines $months,
        private DirectionChanges $changes,
        private ThinningPage $thinning,
    ) {
    }

    public function of(Period $period, Person $person): PeriodReviewView
    {
        $review = Review::query()
            ->where('person_id', $person->id)
            ->where('period', $period->name)
            ->with(['answers.finding', 'answers.goal', 'answers.shares.group', 'shares.group'])
            ->first();
        $isHeld = $review?->held_at !== null;
        $next = $this->workspace->calendar()->next($period);

        $facts = $isHeld ? null : $this->facts->of($period, $person);
        $digest = $this->digest->of($period, $person);

        return new PeriodReviewView(
            period: PeriodTag::of($period, $this->workspace->calendar()),
            horizon: $period->horizon,
            facts: $facts,
            kept: $isHeld ? $review->facts : null,
            heldAt: $review?->held_at?->format('Y-m-d'),
            sharing: Sharing::of($review),
            hasBegun: $period->hasBegunOn($this->workspace->today()),
            questions: AskedQuestions::of($period, $person, $review, $facts === null ? [] : Drafts::ofPeriod($facts, $digest)),
            digest: $digest,
            follows: Follows::of($period, $person, $review),
            upTo: FindingLevel::above($period->horizon),
            plan: $period->horizon === Horizon::Year ? null : route('planning', $next->name, false),
            close: route('closing', $period->name, false),
            months: $period->horizon === Horizon::Year ? $this->months->of($period, $person) : [],
            direction: $period->horizon === Horizon::Year ? $this->changes->in($period->span) : [],
            thinning: $period->horizon === Horizon::Quarter && ! $isHeld ? $this->thinning->count($person) : null,
        );
    }
}
