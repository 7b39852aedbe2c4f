<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\Decision;
use App\Models\Person;
use App\Queries\Meetings\Answers\DecisionLine;
use App\Queries\Meetings\Answers\DecisionsView;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Choices;
use App\Queries\Parts\Containing;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Gate;

/** The register of decisions, those made outside meetings too; and minutes found by a word or by who was there. */
final readonly class DecisionsPage
{
    /** How many are listed, of each. */
    private const LISTED = 100;

    public function __construct(private Choices $choices)
    {
    }

    /** @param ?int $who only of meetings at which this person was */
    public function of(Person $viewer, string $words, ?int $who): DecisionsView
    {
        return new DecisionsView(
            words: $words,
            who: $who,
            decisions: $this->decisions($viewer, $words, $who),
            minutes: $words === '' && $who === null ? [] : SearchedMinutes::of($viewer, $words, $who),
            people: PersonTag::all(),
            goals: $this->choices->goals($viewer),
            projects: $this->choices->openProjects(),
        );
    }

    /** @return list<DecisionLine> */
    private function decisions(Person $viewer, string $words, ?int $who): array
    {
        $asked = self::visibleTo($viewer, $who)
            ->when(
                $who !== null,
                static fn(Builder $query) => $query->where(
                    static fn(Builder $either) => $either->whereNotNull('agenda_item_id')->orWhere('person_id', $who),
                ),
            )
            ->when(
                $words !== '',
                static fn(Builder $query) => $query->where(
                    static fn(Builder $either) => $either
                        ->where(static fn(Builder $one) => Containing::words($one, 'words', $words))
                        ->orWhere(static fn(Builder $other) => Containing::words($other, 'because', $words)),
                ),
            );

        return $this->lines($asked->limit(self::LISTED), $viewer);
    }

    /**
     * Those made outside of meetings, and those of meetings that the viewer may know of.
     *
     * @param ?int $who only of meetings at which this person was
     *
     * @return Builder<Decision>
     */
    public static function visibleTo(Person $viewer, ?int $who = null): Builder
    {
        return Decision::query()->where(
            static fn(Builder $either) => $either
                ->whereNull('agenda_item_id')
                ->orWhereHas(
                    'agendaItem',
                    static fn(Builder $items) => $items->whereIn('meeting_id', SearchedMinutes::meetings($viewer, $who)->select('id')),
                ),
        );
    }

    /**
     * @param Builder<Decision> $asked
     *
     * @return list<DecisionLine> newest first
     */
    public function lines(Builder $asked, Person $viewer): array
    {
        $found = $asked
            ->with(['agendaItem.meeting.series', 'agendaItem.goal', 'agendaItem.issue.project', 'person', 'goal', 'project'])
            ->orderByDesc('decided_on')
            ->orderByDesc('id')
            ->get();

        return array_values($found->map(static fn(Decision $decision): DecisionLine => self::line($decision, $viewer))->all());
    }

    private static function line(Decision $decision, Person $viewer): DecisionLine
    {
        $item = $decision->agendaItem;
        $goal = $decision->goal ?? $item?->goal;

        return new DecisionLine(
            id: $decision->id,
            words: $decision->words,
            because: $decision->because,
            decidedOn: $decision->decided_on,
            by: $item?->meeting->series->title ?? ($decision->person->name ?? ''),
            link: $item === null ? null : route('meetings.show', $item->meeting_id, false),
            on: $item?->title,
            for: $decision->project?->openTitle() ?? ($item?->issue?->project?->openTitle() ?? $goal?->openTitle()),
            mayDelete: $item === null && Gate::forUser($viewer)->allows('update', $decision),
        );
    }
}
