<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Person;
use App\Models\Review;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Goals\AskedGoals;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Plan\StoredPlans;
use App\Queries\Reviews\Answers\LeftOver;
use App\Queries\Reviews\Answers\ReviewView;
use App\Queries\Reviews\Answers\Sharing;
use Loftrin\Core\Calendar\Period;

/** A person's look back on a week: the facts, their words, what is left over. */
final readonly class ReviewPage
{
    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private FactsQuery $facts,
        private WeekAhead $ahead,
        private ThinningPage $thinning,
        private AskedGoals $asked,
    ) {
    }

    public function of(Period $week, Person $person): ReviewView
    {
        $review = Review::query()
            ->where('person_id', $person->id)
            ->where('period', $week->name)
            ->with(['answers.finding', 'answers.goal', 'answers.shares.group', 'shares.group'])
            ->first();
        $isHeld = $review?->held_at !== null;

        $facts = $isHeld ? null : $this->facts->of($week, $person);

        return new ReviewView(
            week: PeriodTag::of($week, $this->workspace->calendar()),
            facts: $facts,
            kept: $isHeld ? $review->facts : null,
            heldAt: $review?->held_at?->format('Y-m-d'),
            sharing: Sharing::of($review),
            hasBegun: $week->hasBegunOn($this->workspace->today()),
            questions: AskedQuestions::of($week, $person, $review, $facts === null ? [] : Drafts::ofWeek($week, $person, $facts)),
            resolutions: Resolutions::before($week, $person),
            month: PeriodTag::words($this->workspace->calendar()->monthOf($week->anchor())),
            leftOver: $isHeld ? [] : $this->leftOver($week, $person),
            people: PersonTag::all(),
            asked: $isHeld ? [] : $this->asked->of($person, $week),
            ahead: $isHeld ? null : $this->ahead->after($week, $person),
        );
    }

    /** @return list<LeftOver> each task once, under the first reason that holds */
    private function leftOver(Period $week, Person $person): array
    {
        $left = new LeftOverTasks($this->workspace, $person, $week);
        $threads = $this->plans->threads($person, $week);
        $seen = [];
        $groups = [];

        foreach (
            [
                ['Late', 'due and not done', $left->late()],
                ['Carried over', 'planned for this week or before', $left->carried()],
                ['Waiting for others', 'waiting for somebody', $left->withOthers()],
            ] as [$reason, $hint, $tasks]
        ) {
            $new = $tasks->whereNotIn('id', $seen);
            $seen = [...$seen, ...$new->modelKeys()];

            if ($new->isNotEmpty()) {
                $groups[] = new LeftOver(
                    $reason,
                    $hint,
                    TaskRow::all($new->toQuery()->orderByRaw('due_on is null, due_on')->orderBy('id'), $threads, $this->workspace),
                    mayKeep: false,
                );
            }
        }

        return [...$groups, ...$this->thinning->few($person, $seen)];
    }
}
