<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Answer;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Reviews\Answers\MonthLine;
use Loftrin\Core\Calendar\Period;

/** The months of a year that have begun, in one line each: a finding of the month's review, or else what was answered first in it. */
final readonly class MonthLines
{
    public function __construct(private Workspace $workspace)
    {
    }

    /** @return list<MonthLine> in the order of the year */
    public function of(Period $year, Person $person): array
    {
        $lines = [];
        $calendar = $this->workspace->calendar();
        $answers = Answer::query()
            ->written()
            ->of($person)
            ->with(['review:id,period', 'finding'])
            ->orderBy('id')
            ->get();
        $byMonth = $answers->groupBy(static fn(Answer $answer): string => $answer->review->period);

        for ($month = $calendar->monthOf($year->span->first); $year->holds($month); $month = $calendar->next($month)) {
            if (! $month->hasBegunOn($this->workspace->today())) {
                break;
            }

            $of = $byMonth->get($month->name);
            $said = $of?->first(static fn(Answer $answer): bool => $answer->finding !== null) ?? $of?->first();
            $lines[] = new MonthLine(
                $month->name,
                $said === null ? null : trim(explode("\n", trim($said->words))[0]),
                route('reviews.show', $month->name, false),
            );
        }

        return $lines;
    }
}
