<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Answer;
use App\Models\EveningAnswer;
use App\Models\Finding;
use App\Models\LogLine;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Reviews\Answers\DigestRow;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Day\LogTag;
use Loftrin\Core\Reviews\FindingSource;

/**
 * What the review of a month, quarter or year begins with: findings that went up to it, and besides them what was written in the
 * reviews below it; in a month, what its days taught.
 */
final readonly class Digest
{
    public function __construct(private Workspace $workspace)
    {
    }

    /** @return list<DigestRow> in the order of time */
    public function of(Period $period, Person $person): array
    {
        $rows = [
            ...array_map($this->ofAnswer(...), $this->answers($period, $person)),
            ...$period->horizon === Horizon::Month ? $this->ofDays($period->span, $person) : $this->findingsOfDays($period, $person),
        ];
        usort(
            $rows,
            static fn(DigestRow $a, DigestRow $b): int => [$a->on->number, $a->source->value, $a->id] <=> [
                $b->on->number,
                $b->source->value,
                $b->id,
            ],
        );

        return $rows;
    }

    /**
     * Of the reviews just below, all; of those further below, what went up to here.
     *
     * @return list<Answer>
     */
    private function answers(Period $period, Person $person): array
    {
        $answers = Answer::query()
            ->written()
            ->of($person)
            ->with(['review:id,period', 'finding'])
            ->orderBy('id')
            ->get();

        return array_values($answers->filter(fn(Answer $answer): bool => $this->belongs($answer, $period))->all());
    }

    private function belongs(Answer $answer, Period $period): bool
    {
        $written = $this->workspace->calendar()->tryPeriod($answer->review->period);

        if ($written === null || ! $period->holds($written)) {
            return false;
        }

        return match ($period->horizon) {
            Horizon::Month => $written->horizon === Horizon::Week,
            Horizon::Quarter => $written->horizon === Horizon::Month,
            Horizon::Year => $written->horizon === Horizon::Quarter,
            Horizon::Week => false,
        } ||
            ($written->horizon !== $period->horizon && $answer->finding?->level->reaches($period->horizon) === true);
    }

    private function ofAnswer(Answer $answer): DigestRow
    {
        $written = $this->workspace->calendar()->period($answer->review->period);

        return new DigestRow(
            FindingSource::Answer,
            $answer->id,
            $answer->words,
            $written->name,
            $written->span->last,
            route('reviews.show', $written->name, false),
            $answer->finding?->level,
        );
    }

    /** @return list<DigestRow> lines of the log that are findings, and what was learned in the evening */
    private function ofDays(Span $span, Person $person): array
    {
        $within = [(string) $span->first, (string) $span->last];
        $kept = Finding::query()->where('person_id', $person->id)->get();
        $lines = LogLine::query()->where('person_id', $person->id)->where('tag', LogTag::Finding)->whereBetween('on', $within)->get();
        $evenings = EveningAnswer::query()
            ->where('person_id', $person->id)
            ->whereBetween('on', $within)
            ->whereNotNull('words')
            ->where('words', '<>', '')
            ->whereRaw("lower(question) like '%learn%'")
            ->get();

        return [
            ...array_values(
                $lines->map(fn(LogLine $line): DigestRow => self::ofDay($line, $kept->firstWhere('log_line_id', $line->id)))->all(),
            ),
            ...array_values(
                $evenings
                    ->map(fn(EveningAnswer $said): DigestRow => self::ofDay($said, $kept->firstWhere('evening_answer_id', $said->id)))
                    ->all(),
            ),
        ];
    }

    /** @return list<DigestRow> those of the days' lines that went up to here */
    private function findingsOfDays(Period $period, Person $person): array
    {
        $of = static fn(Builder $lines): Builder => $lines->whereBetween('on', [
            (string) $period->span->first,
            (string) $period->span->last,
        ]);

        return array_values(
            Finding::query()
                ->where('person_id', $person->id)
                ->where(static fn(Builder $either) => $either->whereHas('logLine', $of)->orWhereHas('eveningAnswer', $of))
                ->with(['logLine', 'eveningAnswer'])
                ->get()
                ->filter(static fn(Finding $finding): bool => $finding->level->reaches($period->horizon))
                ->map(
                    static fn(Finding $finding): ?DigestRow => match (true) {
                        $finding->logLine !== null => self::ofDay($finding->logLine, $finding),
                        $finding->eveningAnswer !== null => self::ofDay($finding->eveningAnswer, $finding),
                        default => null,
                    },
                )
                ->filter()
                ->all(),
        );
    }

    private static function ofDay(LogLine|EveningAnswer $line, ?Finding $finding): DigestRow
    {
        return new DigestRow(
            $line instanceof LogLine ? FindingSource::Log : FindingSource::Evening,
            $line->id,
            (string) $line->words,
            (string) $line->on,
            $line->on,
            route('days.show', (string) $line->on, false),
            $finding?->level,
        );
    }
}
