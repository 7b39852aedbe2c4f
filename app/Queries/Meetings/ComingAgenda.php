<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\Issue;
use App\Models\Series;
use App\Models\StandingItem;
use App\Models\Workspace;
use App\Queries\Meetings\Answers\AgendaView;
use App\Queries\Meetings\Answers\IssueRow;
use App\Queries\Meetings\Answers\PlannedItem;
use App\Queries\Parts\Answers\Option;
use App\Queries\Plan\Threads;
use Loftrin\Core\Calendar\WallTime;
use Loftrin\Core\Meetings\Agenda;
use Loftrin\Core\Meetings\AgendaKind;
use Loftrin\Core\Meetings\RankedIssue;

/** The agenda of a series' next meeting, worked out from what was raised so far. Rules: computation 11. */
final readonly class ComingAgenda
{
    public function __construct(private AgendaInStore $agendas, private Workspace $workspace)
    {
    }

    public function of(Series $series, Threads $threads): AgendaView
    {
        $next = MeetingDays::next($series, $this->workspace->today());
        $issues = $this->agendas->openIssues($series, $next?->on);
        $followUps = $this->agendas->followUps($series)->count();
        $begins = $next->time ?? $series->time;
        $minutes = $next->minutes ?? $series->minutes;
        $fit = Agenda::of($this->agendas->timeForIssues($series, $followUps, $minutes), $this->agendas->ranked($issues));
        $rows = static fn(array $ranked): array => array_values(
            array_map(static fn(RankedIssue $issue): IssueRow => IssueRow::of($issues->findOrFail((int) $issue->id), $threads), $ranked),
        );

        return new AgendaView(
            $this->items($series, $begins, $minutes, $this->parts($series, $followUps, $rows($fit->fits), $threads)),
            $rows($fit->wontFit),
            self::wall($begins, $minutes),
            $fit->spare,
            Issue::arranged($issues),
        );
    }

    /**
     * @param string $begins HH:MM on the wall
     * @param int $minutes of the whole meeting
     * @param list<array{AgendaKind, list<array{string, int, ?string, ?IssueRow, ?Option}>}> $parts in order
     *
     * @return list<PlannedItem>
     */
    private function items(Series $series, string $begins, int $minutes, array $parts): array
    {
        $items = [];
        $minute = 0;

        foreach ($parts as [$kind, $part]) {
            // Closing is kept free at the end.
            $minute = $kind === AgendaKind::Closing ? max($minute, $minutes - $series->closing_minutes) : $minute;

            foreach ($part as [$title, $takes, $who, $issue, $look]) {
                $items[] = new PlannedItem(
                    kind: $kind,
                    title: $title,
                    minutes: $takes,
                    at: self::wall($begins, $minute),
                    who: $who,
                    issue: $issue,
                    look: $look,
                );
                $minute += $takes;
            }
        }

        return $items;
    }

    /**
     * @param list<IssueRow> $issues
     *
     * @return list<array{AgendaKind, list<array{string, int, ?string, ?IssueRow, ?Option}>}>
     */
    private function parts(Series $series, int $followUps, array $issues, Threads $threads): array
    {
        return array_map(
            fn(AgendaKind $kind): array => [$kind, $this->ofKind($kind, $series, $followUps, $issues, $threads)],
            $series->order(),
        );
    }

    /**
     * @param list<IssueRow> $issues
     *
     * @return list<array{string, int, ?string, ?IssueRow, ?Option}> title, minutes, who, issue, what is looked at
     */
    private function ofKind(AgendaKind $kind, Series $series, int $followUps, array $issues, Threads $threads): array
    {
        return match ($kind) {
            AgendaKind::Opening => $series->opening_minutes === 0 ? [] : [['Opening round', $series->opening_minutes, null, null, null]],
            AgendaKind::Issue => array_map(
                static fn(IssueRow $issue): array => [$issue->title, $issue->minutes, $issue->raisedBy->name, $issue, null],
                $issues,
            ),
            AgendaKind::FollowUps => $followUps === 0
                ? []
                : [["Follow-ups, $followUps to ask about", $followUps * Agenda::FOLLOW_UP_MINUTES, null, null, null]],
            AgendaKind::Standing => array_values(
                $series->standingItems
                    ->map(
                        static fn(StandingItem $item): array => [
                            $item->title,
                            $item->minutes,
                            $item->owner?->name,
                            null,
                            LookedAt::of($item, $threads),
                        ],
                    )
                    ->all(),
            ),
            AgendaKind::Closing => [['Closing', $series->closing_minutes, null, null, null]],
        };
    }

    /** The wall clock so many minutes after a time. */
    private static function wall(string $time, int $minutes): string
    {
        return WallTime::of((WallTime::minutes($time) + $minutes) % 1440);
    }
}
