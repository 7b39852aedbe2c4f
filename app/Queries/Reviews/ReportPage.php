<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Contact;
use App\Models\Finding;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Recipient;
use App\Models\Report;
use App\Models\Workspace;
use App\Queries\Parts\Answers\GroupRow;
use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Markdown;
use App\Queries\Reviews\Answers\OfferedLine;
use App\Queries\Reviews\Answers\ReportLine;
use App\Queries\Reviews\Answers\ReportsView;
use App\Queries\Reviews\Answers\ReportView;
use App\Queries\Reviews\Answers\TellingLine;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Reviews\LiveFigures;
use Loftrin\Core\Reviews\TellingSource;

/** A report, and all of them. */
final readonly class ReportPage
{
    public function __construct(
        private Workspace $workspace,
        private ReportDraft $draft,
        private ReportFigures $figures,
        private WorthTelling $telling,
    ) {
    }

    public function all(Person $viewer): ReportsView
    {
        return new ReportsView(
            $this->listed(Report::query()->where('person_id', $viewer->id)->orderByDesc('last')),
            $this->listed(Report::query()->sentTo($viewer)->orderByDesc('sent_at')),
        );
    }

    /**
     * @param Builder<Report> $reports
     *
     * @return list<ReportLine>
     */
    private function listed(Builder $reports): array
    {
        return array_values(
            $reports->orderByDesc('id')->get()->map(fn(Report $report): ReportLine => ReportLine::of($report, $this->workspace))->all(),
        );
    }

    public function of(Report $report, Person $viewer): ReportView
    {
        $isMine = $report->person_id === $viewer->id;
        $isOpen = $isMine && $report->sent_at === null;
        $filled = $this->figures->filled($report);

        return new ReportView(
            report: ReportLine::of($report, $this->workspace),
            isMine: $isMine,
            words: $isOpen ? $report->words : $filled,
            html: Markdown::html($filled),
            sentTo: array_values(
                $report
                    ->recipients()
                    ->with('person')
                    ->get()
                    ->map(static fn(Recipient $to): string => $to->person->name ?? (string) $to->outside)->all(),
            ),
            figures: $isOpen ? $this->offered($report) : [],
            lines: $isOpen ? $this->lines($report, $viewer) : [],
            people: $isOpen ? PersonTag::all() : [],
            groups: $isOpen ? GroupRow::all() : [],
            contacts: $isOpen ? self::contacts() : [],
        );
    }

    /** @return list<OfferedLine> */
    private function offered(Report $report): array
    {
        $goals = $this->draft->goalsOf($report->person, $report->audience, $report->span());

        return [
            new OfferedLine('', null, 'Tasks that were done', '{done}'),
            new OfferedLine('', null, 'Hours of these', '{hours}'),
            ...array_values(
                $goals
                    ->map(
                        fn(Goal $goal): OfferedLine => new OfferedLine(
                            PeriodTag::words($this->workspace->calendar()->period($goal->period)),
                            null,
                            $goal->title,
                            '- **'.Markdown::inline($goal->title).'**: '.LiveFigures::goal($goal->id, $goal->title),
                        ),
                    )
                    ->all(),
            ),
        ];
    }

    /** @return list<OfferedLine> what is worth telling, then what the writer found */
    private function lines(Report $report, Person $viewer): array
    {
        $whose = $report->audience->isOfOwnWork() ? $viewer->id : null;

        return [
            ...array_map(
                static fn(TellingLine $line): OfferedLine => self::line(
                    $line->source === TellingSource::Task ? $line->by->name : 'your words',
                    $line->on,
                    $line->words,
                ),
                $this->telling->of($viewer, $report->span(), $whose),
            ),
            ...$this->findings($report, $viewer),
        ];
    }

    /** @return list<OfferedLine> */
    private function findings(Report $report, Person $viewer): array
    {
        $lines = [];

        foreach (
            Finding::query()
                ->where('person_id', $viewer->id)
                ->with(['answer.review', 'logLine', 'eveningAnswer'])
                ->get() as $finding
        ) {
            $period = $finding->answer === null ? null : $this->workspace->calendar()->period($finding->answer->review->period);
            $on = $period->span->last ?? ($finding->logLine->on ?? $finding->eveningAnswer?->on);

            if ($on !== null && ! $on->isBefore($report->first) && ! $on->isAfter($report->last)) {
                $words = $finding->answer->words ?? ($finding->logLine->words ?? $finding->eveningAnswer?->words);
                $lines[] = self::line('your finding', $on, (string) $words);
            }
        }

        usort($lines, static fn(OfferedLine $a, OfferedLine $b): int => ($a->on->number ?? 0) <=> ($b->on->number ?? 0));

        return $lines;
    }

    private static function line(string $from, Day $on, string $words): OfferedLine
    {
        return new OfferedLine($from, $on, $words, '- '.Markdown::plain($words));
    }

    /** @return list<Option> */
    private static function contacts(): array
    {
        return array_values(
            Contact::query()
                ->whereNotNull('email')
                ->where('email', '<>', '')
                ->orderBy('name')
                ->get()
                ->map(static fn(Contact $contact): Option => new Option((string) $contact->id, "{$contact->name}, {$contact->email}"))
                ->all(),
        );
    }
}
