<?php

declare(strict_types=1);

namespace Database\Demo;

use DateTimeImmutable;
use DateTimeZone;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Recurrence;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Meetings\Agenda;

/**
 * Six recurring meetings with more than forty held ones, a meeting that runs and one that does not fit its time.
 *
 * @phpstan-import-type SeriesScript from MeetingScript
 */
final class Meetings
{
    /** How many issues were dealt with so far. */
    private int $dealt = 0;

    public function __construct(
        private readonly Rows $rows,
        private readonly Stage $stage,
        private readonly People $people,
        private readonly Goals $goals,
        private readonly Work $work,
        private readonly MeetingRows $laid,
    ) {
    }

    public function add(): void
    {
        foreach (MeetingScript::SERIES as $number => $series) {
            $this->series($series, $number);
        }

        foreach (MeetingScript::OPEN as $place => [$title, $who, $rank, $context, $minutes, $project, $waited]) {
            $this->laid->issue(1, [
                'title' => $title,
                'context' => $context,
                'rank' => $rank,
                'minutes' => $minutes,
                'project_id' => $project === null ? null : $this->work->projectId($project),
                'raised_by' => $this->people->id($who),
                'raised_on' => $this->stage->worked($this->stage->today->plus(-1 - $place - 7 * $waited)),
                'waited' => $waited,
            ]);
        }
    }

    /** @param SeriesScript $script */
    private function series(array $script, int $number): void
    {
        $people = array_map($this->people->id(...), $script['people']);
        $week = $this->stage->week(-$script['held'] * $script['every'] - 2);
        $start = $week->span->first->plus($number < 2 ? $number * 3 : 0);
        $rule = $script['rule'];
        $id = $this->rows->add('series', [
            'title' => $script['title'],
            'purpose' => $script['purpose'],
            'rule' => $rule,
            'starts_on' => $start,
            'time' => $script['time'],
            'minutes' => $script['minutes'],
            'opening_minutes' => $script['opening'],
            'is_private' => isset($script['talks']),
        ]);

        foreach ($people as $position => $person) {
            $this->rows->add('attendees', [
                'series_id' => $id, 'person_id' => $person, 'position' => $position, 'is_by_group' => isset($script['group']),
            ]);
        }

        if (isset($script['group'])) {
            $this->rows->add('attending_groups', ['series_id' => $id, 'group_id' => $this->people->group($script['group'])]);
        }

        foreach ($script['standing'] as $position => [$title, $minutes, $who, $goal]) {
            $this->rows->add('standing_items', [
                'series_id' => $id,
                'position' => $position,
                'title' => $title,
                'minutes' => $minutes,
                'owner_id' => $who === null ? null : $this->people->id($who),
                'goal_id' => $goal === null ? null : $this->goals->id($goal),
            ]);
        }

        $days = array_filter(
            (new Recurrence($rule, $start))->within(new Span($start, $this->stage->today->plus(-1))),
            $this->stage->calendar->isWorkingDay(...),
        );

        foreach (array_slice(array_values($days), -$script['held']) as $place => $day) {
            $this->meeting($id, $script, $people, $day, $place);
        }
    }

    /**
     * @param SeriesScript $script
     * @param non-empty-list<int> $people
     */
    private function meeting(int $series, array $script, array $people, Day $day, int $place): void
    {
        $open = new DateTimeImmutable("$day {$script['time']}", new DateTimeZone('Europe/Copenhagen'));
        $at = $open->setTimezone(new DateTimeZone('UTC'));
        $issue = $this->stage->dice->between(5, 12);
        $standing = array_map(fn(array $item): int => max(1, $item[1] + $this->stage->dice->between(-2, 3)), $script['standing']);
        $took = $script['opening'] + $issue + array_sum($standing) + Agenda::CLOSING_MINUTES;
        $id = $this->rows->add('meetings', [
            'series_id' => $series,
            'on' => $day,
            'time' => $script['time'],
            'minutes' => $script['minutes'],
            'chair_id' => $people[$place % count($people)],
            'minute_taker_id' => $people[($place + 1) % count($people)],
            'opened_at' => $at->format('Y-m-d H:i:s'),
            'closed_at' => $at->modify("+$took minutes")->format('Y-m-d H:i:s'),
            'summary' => $place % 3 === 0 ? 'Short and to the point. The long item goes first next time.' : null,
        ]);

        $this->attend($id, $script, $people, $place);
        $position = 0;

        if ($script['opening'] > 0) {
            $this->laid->item($id, $position++, $at, $script['opening'], [
                'kind' => 'opening', 'title' => 'Opening round', 'minutes' => $script['opening'],
            ]);
            $at = $at->modify("+{$script['opening']} minutes");
        }

        if (! isset($script['talks'])) {
            $at = $this->dealtWith(
                series: $series,
                meeting: $id,
                day: $day,
                number: $this->dealt++,
                position: $position++,
                at: $at,
                spent: $issue,
                present: $script['people'],
            );
        }

        $at = $this->standing($id, $script, $standing, $place, $position, $at);
        $this->laid->item($id, $position + count($standing), $at, Agenda::CLOSING_MINUTES, [
            'kind' => 'closing', 'title' => 'Closing', 'minutes' => Agenda::CLOSING_MINUTES,
        ]);
    }

    /**
     * Who chairs, reports or writes something is there.
     *
     * @param SeriesScript $script
     * @param non-empty-list<int> $people
     */
    private function attend(int $meeting, array $script, array $people, int $place): void
    {
        $writers = array_map($this->people->id(...), MeetingScript::writers($script, $this->dealt));
        $needed = [$people[$place % count($people)], $people[($place + 1) % count($people)], ...$writers];

        foreach ($people as $person) {
            $stayedAway = $this->stage->dice->falls(8);
            $this->rows->add('attendances', [
                'meeting_id' => $meeting,
                'person_id' => $person,
                'was_there' => ! $stayedAway || in_array($person, $needed, true),
            ]);
        }
    }

    /**
     * @param SeriesScript $script
     * @param array<int, int> $took minutes, by item
     */
    private function standing(int $id, array $script, array $took, int $place, int $from, DateTimeImmutable $at): DateTimeImmutable
    {
        foreach ($script['standing'] as $line => [$title, $length, $who, $goal]) {
            $spent = $took[$line];
            $this->laid->item($id, $from + $line, $at, $spent, [
                'kind' => 'standing',
                'title' => $title,
                'minutes' => $length,
                'owner_id' => $who === null ? null : $this->people->id($who),
                'goal_id' => $goal === null ? null : $this->goals->id($goal),
            ], match (true) {
                isset($script['talks']) => $line === 0 ? [] : $script['talks'][$place % count($script['talks'])],
                $goal === null || $who === null => [],
                default => [[$who, MeetingScript::standing($goal, $place)]],
            });
            $at = $at->modify("+$spent minutes");
        }

        return $at;
    }

    /** @param non-empty-list<string> $present who attends the meeting */
    private function dealtWith(
        int $series,
        int $meeting,
        Day $day,
        int $number,
        int $position,
        DateTimeImmutable $at,
        int $spent,
        array $present,
    ): DateTimeImmutable {
        $script = MeetingIssues::ALL[$number % count(MeetingIssues::ALL)];
        [$title, $who, $rank, $context, $words, $because, $step, $owner, $lines] = $script;
        $lines = MeetingIssues::spoken($lines, $present);
        $issue = $this->laid->issue($series, [
            'title' => $title,
            'context' => $context,
            'rank' => $rank,
            'minutes' => 8,
            'raised_by' => $this->people->id($who),
            'raised_on' => $day->plus(-4),
            'outcome' => 'decided',
            'settled_on' => $day,
        ]);
        $item = $this->laid->item($meeting, $position, $at, $spent, [
            'kind' => 'issue',
            'title' => $title,
            'minutes' => 8,
            'owner_id' => $this->people->id($who),
            'issue_id' => $issue,
            'outcome' => 'decided',
        ], $lines);
        $this->rows->add('decisions', ['agenda_item_id' => $item, 'words' => $words, 'because' => $because, 'decided_on' => $day]);
        $isOpen = $this->stage->today->number - $day->number < 10;
        $this->work->task([
            'title' => $step,
            'owner_id' => $this->people->id($owner),
            'created_on' => $day,
            'due_on' => $day->plus(7),
            'done_on' => $isOpen ? null : $this->stage->worked($day->plus($this->stage->dice->between(2, 7))),
            'agenda_item_id' => $item,
            'minutes' => 30,
        ], $this->stage->calendar->weekOf($day->plus(7)));

        return $at->modify("+$spent minutes");
    }
}
