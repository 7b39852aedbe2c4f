<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Decision;
use App\Models\Goal;
use App\Models\Milestone;
use App\Models\Person;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Parts\Markdown;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Reviews\LiveFigures;
use Loftrin\Core\Reviews\ReportAudience;
use Loftrin\Core\Work\ProjectState;

/** What a report begins with: facts that everybody may see. Nothing private gets in by itself. */
final readonly class ReportDraft
{
    /** So many of each are listed. */
    private const LISTED = 12;

    /** Milestones of so many days to come are said. */
    private const AHEAD = 42;

    public function __construct(private Workspace $workspace)
    {
    }

    public function title(ReportAudience $audience, Span $span): string
    {
        $of = match ($audience) {
            ReportAudience::Manager => 'My work',
            ReportAudience::Board => 'Report to the board',
            ReportAudience::Team => 'Report to the team',
        };
        $from = $span->first->words($span->last);

        return "$of, $from to {$span->last->format('j M Y')}";
    }

    public function words(Person $by, ReportAudience $audience, Span $span): string
    {
        $done = $audience->isOfOwnWork() ? 'I finished {done} in {hours}.' : 'We finished {done} in {hours}.';
        $parts = [
            '## Where the goals stand' => self::goals(
                $this->goalsOf($by, $audience, $span)->map(static fn(Goal $goal): array => [$goal, $goal->owner->name])->all(),
            ),
            '## What got done' => [$done, ...self::tasks($by, $audience, $span)],
            '## Decisions' => self::decisions($span),
            '## What comes next' => $this->milestones(),
        ];
        $text = '';

        foreach ($parts as $heading => $lines) {
            $text .= $lines === [] ? '' : "$heading\n\n".implode("\n", $lines)."\n\n";
        }

        return rtrim($text)."\n";
    }

    /**
     * Goals whose figures can be put into a report: those of the years and quarters of its span that everybody may see.
     *
     * @return Collection<int, Goal>
     */
    public function goalsOf(Person $by, ReportAudience $audience, Span $span): Collection
    {
        $horizons = match ($audience) {
            ReportAudience::Board => [Horizon::Year, Horizon::Quarter],
            ReportAudience::Manager, ReportAudience::Team => [Horizon::Quarter],
        };
        $calendar = $this->workspace->calendar();
        $periods = [$calendar->yearOf($span->last)->name];

        for ($quarter = $calendar->quarterOf($span->first); ! $quarter->span->first->isAfter($span->last);) {
            $periods[] = $quarter->name;
            $quarter = $calendar->next($quarter);
        }

        return Goal::query()
            ->openToAll()
            ->whereIn('horizon', $horizons)
            ->whereIn('period', $periods)
            ->when($audience->isOfOwnWork(), static fn(Builder $query) => $query->where('owner_id', $by->id))
            ->with('owner')
            ->orderByRaw("case horizon when 'year' then 0 else 1 end")
            ->orderBy('period')
            ->orderBy('id')
            ->get();
    }

    /**
     * @param array<array{Goal, string}> $goals with the names of their owners
     *
     * @return list<string>
     */
    private static function goals(array $goals): array
    {
        return array_values(
            array_map(
                static fn(array $each): string => '- **'.
                    Markdown::inline($each[0]->title).
                    '** ('.
                    Markdown::inline($each[1]).
                    '): '.
                    LiveFigures::goal($each[0]->id, $each[0]->title),
                $goals,
            ),
        );
    }

    /** @return list<string> those that are worth telling */
    private static function tasks(Person $by, ReportAudience $audience, Span $span): array
    {
        $lines = Task::query()
            ->openToAll()
            ->where('is_worth_telling', true)
            ->whereBetween('done_on', [(string) $span->first, (string) $span->last])
            ->when($audience->isOfOwnWork(), static fn(Builder $query) => $query->where('owner_id', $by->id))
            ->with('owner')
            ->orderBy('done_on')
            ->orderBy('id')
            ->limit(self::LISTED)
            ->get()
            ->map(
                static fn(Task $task): string => '- '.
                    Markdown::plain($task->title).
                    ($audience->isOfOwnWork() ? '' : ' ('.Markdown::inline($task->owner->name).')'),
            )
            ->all();

        return $lines === [] ? [] : ['', ...array_values($lines)];
    }

    /** @return list<string> of meetings that everybody may know of, and of none */
    private static function decisions(Span $span): array
    {
        return array_values(
            Decision::query()
                ->where(
                    static fn(Builder $either) => $either
                        ->whereNull('agenda_item_id')
                        ->orWhereHas('agendaItem.meeting.series', static fn(Builder $series) => $series->where('is_private', false)),
                )
                ->whereBetween('decided_on', [(string) $span->first, (string) $span->last])
                ->with('agendaItem')
                ->orderByDesc('decided_on')
                ->orderByDesc('id')
                ->limit(self::LISTED)
                ->get()
                ->map(
                    static fn(Decision $decision): string => '- '.
                        ($decision->agendaItem === null ? '' : '**'.Markdown::inline($decision->agendaItem->title).'**: ').
                        Markdown::inline($decision->words).
                        ($decision->because === null ? '' : Markdown::inline(" Reason: $decision->because")),
                )
                ->all(),
        );
    }

    /** @return list<string> that are to come */
    private function milestones(): array
    {
        $today = $this->workspace->today();

        return array_values(
            Milestone::query()
                ->whereNull('reached_on')
                ->whereBetween('on', [(string) $today, (string) $today->plus(self::AHEAD)])
                ->whereHas('project', static fn(Builder $project) => $project->openToAll()->whereIn('state', ProjectState::OPEN))
                ->with('project')
                ->orderBy('on')
                ->orderBy('id')
                ->limit(self::LISTED)
                ->get()
                ->map(
                    static fn(Milestone $milestone): string => "- {$milestone->on->words($today)}: ".
                        Markdown::inline("$milestone->title ({$milestone->project->title})"),
                )
                ->all(),
        );
    }
}
