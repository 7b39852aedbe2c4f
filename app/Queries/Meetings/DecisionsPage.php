<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\Attendance;
use App\Models\Decision;
use App\Models\FinalMinutes;
use App\Models\Meeting;
use App\Models\Person;
use App\Models\Series;
use App\Models\Visibility;
use App\Queries\Meetings\Answers\DecisionLine;
use App\Queries\Meetings\Answers\DecisionsView;
use App\Queries\Meetings\Answers\FoundMinutes;
use App\Queries\Meetings\Answers\MinutesDecision;
use App\Queries\Meetings\Answers\MinutesItem;
use App\Queries\Meetings\Answers\MinutesLine;
use App\Queries\Meetings\Answers\MinutesStep;
use App\Queries\Meetings\Answers\MinutesText;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Choices;
use App\Queries\Parts\Containing;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use Loftrin\Core\Calendar\Day;

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
            minutes: $words === '' && $who === null ? [] : $this->minutes($viewer, $words, $who),
            people: PersonTag::all(),
            goals: $this->choices->goals($viewer),
            projects: $this->choices->projects(),
        );
    }

    /** @return list<DecisionLine> */
    private function decisions(Person $viewer, string $words, ?int $who): array
    {
        $found = Decision::query()
            ->where(
                static fn(Builder $either) => $either
                    ->whereNull('agenda_item_id')
                    ->orWhereHas(
                        'agendaItem',
                        static fn(Builder $items) => $items->whereIn('meeting_id', self::meetings($viewer, $who)->select('id')),
                    ),
            )
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
            )
            ->with(['agendaItem.meeting.series', 'agendaItem.goal', 'agendaItem.issue.project', 'person', 'goal', 'project'])
            ->orderByDesc('decided_on')
            ->orderByDesc('id')
            ->limit(self::LISTED)
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
            for: $decision->project->title ??
                ($item?->issue->project->title ?? ($goal?->visibility === Visibility::Everyone ? $goal->title : null)),
            mayDelete: $item === null && Gate::forUser($viewer)->allows('update', $decision),
        );
    }

    /** @return list<FoundMinutes> */
    private function minutes(Person $viewer, string $words, ?int $who): array
    {
        $found = FinalMinutes::query()
            ->join('meetings', 'meetings.id', 'final_minutes.meeting_id')
            ->whereIn('meeting_id', self::meetings($viewer, $who)->select('id'))
            ->where(static fn(Builder $query) => Containing::words($query, 'text', self::written($words)))
            ->orderByDesc('meetings.on')
            ->select('final_minutes.*')
            ->limit(self::LISTED)
            ->get();
        $rows = [];

        foreach ($found as $kept) {
            $text = MinutesText::of($kept->text);

            if ($words === '' || self::lines($text, $words) !== '') {
                $rows[] = new FoundMinutes(
                    $kept->meeting_id,
                    $text->title,
                    Day::of($text->on),
                    Str::limit($words === '' ? (string) $text->summary : self::lines($text, $words), 300, '…'),
                );
            }
        }

        return $rows;
    }

    /** What of the minutes holds the words: people are not looked for in names of fields. */
    private static function lines(MinutesText $text, string $words): string
    {
        $all = [
            $text->title,
            (string) $text->summary,
            ...array_merge(
                ...array_map(
                    static fn(MinutesItem $item): array => [
                        $item->title,
                        (string) $item->context,
                        ...array_map(static fn(MinutesLine $line): string => $line->words, $item->lines),
                        ...array_map(
                            static fn(MinutesDecision $decision): string => "$decision->words $decision->because",
                            $item->decisions,
                        ),
                        ...array_map(static fn(MinutesStep $step): string => "$step->what, $step->who", $item->nextSteps),
                    ],
                    $text->items,
                ),
            ),
        ];

        return implode(' … ', array_filter($all, static fn(string $line): bool => mb_stripos($line, $words) !== false));
    }

    /** As it stands in what is kept, which is JSON. */
    private static function written(string $words): string
    {
        return substr(json_encode($words, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR), 1, -1);
    }

    /** @return Builder<Meeting> closed ones that the viewer may know of */
    private static function meetings(Person $viewer, ?int $who): Builder
    {
        return Meeting::query()
            ->whereIn('series_id', Series::query()->visibleTo($viewer)->select('id'))
            ->when(
                $who !== null,
                static fn(Builder $query) => $query->whereIn(
                    'id',
                    Attendance::query()->where('person_id', $who)->where('was_there', true)->select('meeting_id'),
                ),
            );
    }
}
