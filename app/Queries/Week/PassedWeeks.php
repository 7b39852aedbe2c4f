<?php

declare(strict_types=1);

namespace App\Queries\Week;

use App\Models\Absence;
use App\Models\Person;
use App\Models\Relations\Everybody;
use App\Queries\Meetings\DecisionsPage;
use App\Queries\Parts\Answers\AnswerLine;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\AnswersAsked;
use App\Queries\Parts\WrittenLines;
use App\Queries\Week\Answers\AwayRow;
use App\Queries\Week\Answers\PassedWeek;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Reviews\FindingSource;

/** What is known of a week that is over, besides what was planned and done. */
final readonly class PassedWeeks
{
    public function __construct(private DecisionsPage $decisions, private WrittenLines $written, private Everybody $everybody)
    {
    }

    /** @param bool $isOwn whether it is the viewer's own week: what they wrote is shown in no other */
    public function of(Period $week, Person $viewer, bool $isOwn): PassedWeek
    {
        $span = $week->span;

        return new PassedWeek(
            $this->decisions->lines(
                DecisionsPage::visibleTo($viewer)->whereBetween('decided_on', [(string) $span->first, (string) $span->last]),
                $viewer,
            ),
            $isOwn ? $this->written($week, $viewer) : [],
            $this->away($span),
        );
    }

    /** @return list<AnswerLine> of its days and its review, not of longer ones that end with it */
    private function written(Period $week, Person $viewer): array
    {
        return array_values(
            array_filter(
                $this->written->of($viewer, new AnswersAsked(from: $week->span->first, until: $week->span->last)),
                static fn(AnswerLine $line): bool => $line->source !== FindingSource::Answer || $line->of === $week->name,
            ),
        );
    }

    /** @return list<AwayRow> by name, on the days that fall into the week */
    private function away(Span $week): array
    {
        $people = $this->everybody->all();
        $rows = [];

        foreach (
            Absence::query()
                ->where('first_on', '<=', (string) $week->last)
                ->where('last_on', '>=', (string) $week->first)
                ->orderBy('first_on')
                ->get() as $absence
        ) {
            $person = $people->get($absence->person_id);

            if ($person !== null) {
                $rows[] = new AwayRow(
                    PersonTag::of($person),
                    $absence->first_on->isBefore($week->first) ? $week->first : $absence->first_on,
                    $absence->last_on->isAfter($week->last) ? $week->last : $absence->last_on,
                );
            }
        }

        return $rows;
    }
}
