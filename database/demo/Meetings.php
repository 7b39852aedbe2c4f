<?php

declare(strict_types=1);

namespace Database\Demo;

use DateTimeImmutable;
use DateTimeZone;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Recurrence;
use Loftrin\Core\Calendar\Span;

/**
 * Two series with thirty held meetings, their decisions and next steps, and what waits for the next ones.
 *
 * @phpstan-type SeriesScript array{title: string, purpose: string, rule: string, time: string, minutes: int, held: int, people: non-empty-list<string>, standing: list<array{string, int, ?string, ?string}>}
 */
final class Meetings
{
    private const SERIES = [
        ['title' => 'Team meeting', 'purpose' => 'One hour on where we are, what stands in the way, and who does what by when.', 'rule' => 'FREQ=WEEKLY;BYDAY=MO', 'time' => '09:15', 'minutes' => 60, 'held' => 20,
            'people' => ['noor', 'elif', 'jonah', 'tomasz', 'priya', 'mei', 'lucia', 'kwame', 'ingrid'],
            'standing' => [['Check-in', 3, null, null], ['Harbours', 8, 'priya', 'HB'], ['Revenue', 6, 'jonah', 'RV'], ['Failures', 6, 'tomasz', 'FF']]],
        ['title' => 'Product meeting', 'purpose' => 'What goes into the buoy next, and what comes out.', 'rule' => 'FREQ=WEEKLY;INTERVAL=2;BYDAY=TH', 'time' => '14:00', 'minutes' => 45, 'held' => 10,
            'people' => ['tomasz', 'ingrid', 'noor', 'kwame', 'mei'],
            'standing' => [['Failures since last time', 10, 'tomasz', 'FF'], ['Bench', 8, 'ingrid', null]]],
    ];

    private const ISSUES = [
        ['Divers’ insurance for the winter', 'noor', 'A', 'Two offers: €3,100 with the winter clause, €2,450 without.', 'We take the offer with the winter clause.', 'Two harbours are promised for December.', 'Sign the insurer’s offer', 'elif'],
        ['Who answers the harbour offices on Fridays', 'mei', 'B', 'Calls pile up after noon.', 'Mei and Ingrid take turns.', null, 'Put the Friday rota on the wall', 'mei'],
        ['Spare floats: how many', 'kwame', 'B', 'The mould gives four a week.', 'We keep six in the shed.', 'That is one bad storm.', 'Cast two more floats', 'kwame'],
        ['Berth 7 is too shallow at springs', 'priya', 'A', 'Half a metre at low water.', 'We move to berth 9.', 'The harbour master agrees.', 'Tell the harbour office about berth 9', 'priya'],
        ['Price for three years', 'lucia', 'A', 'The farms ask for it, we have none.', 'Twelve per cent less for three years, paid yearly.', 'It covers the winter crew.', 'Write the three-year price list', 'lucia'],
        ['Gasket supplier is late again', 'tomasz', 'B', 'Third time since spring.', 'We test the second supplier.', null, 'Order twenty gaskets from the second supplier', 'ingrid'],
        ['Team day: where', 'jonah', 'C', 'Boat or forest.', 'Boat, if the weather holds.', null, 'Ask for the ferry’s small boat', 'jonah'],
        ['Update over the air on bad links', 'ingrid', 'B', 'Two buoys gave up half way.', 'We send it in pieces at night.', 'Costs nothing but time.', 'Cut the update into pieces', 'ingrid'],
    ];

    private const OPEN = [
        ['Berth 7 access in winter', 'priya', 'A', 'The gate is locked from November on.', 6, 'Moorings Orkney', 2],
        ['Second modem supplier', 'tomasz', 'A', 'Twelve weeks of delivery time.', 8, 'Firmware 2.4 rollout', 0],
        ['Discount for a whole coast', 'lucia', 'B', 'Jutland asks as one.', 6, 'Baltic fish farms', 1],
        ['Website photos of people', 'jonah', 'B', 'Not everybody wants to be on it.', 5, 'New site with real readings', 0],
        ['Who is on call at Easter', 'elif', 'B', null, 5, null, 1],
        ['Label colour for the new float', 'kwame', 'C', 'Yellow fades.', null, null, 3],
        ['Coffee machine', 'ingrid', 'C', null, null, null, 0],
    ];

    public function __construct(private readonly Rows $rows, private readonly Stage $stage, private readonly People $people, private readonly Goals $goals, private readonly Work $work)
    {
    }

    public function add(): void
    {
        foreach (self::SERIES as $number => $series) {
            $this->series($series, $number);
        }

        foreach (self::OPEN as $place => [$title, $who, $rank, $context, $minutes, $project, $waited]) {
            $this->issue(1, [
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
        $week = $this->stage->week(-$script['held'] * ($number + 1) - 2);
        $start = $week->span->first->plus($number * 3);
        $rule = $script['rule'];
        $id = $this->rows->add('series', [
            'title' => $script['title'],
            'purpose' => $script['purpose'],
            'rule' => $rule,
            'starts_on' => $start,
            'time' => $script['time'],
            'minutes' => $script['minutes'],
            'is_private' => false,
        ]);

        foreach ($people as $position => $person) {
            $this->rows->add('attendees', ['series_id' => $id, 'person_id' => $person, 'position' => $position]);
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
     * @param SeriesScript        $script
     * @param non-empty-list<int> $people
     */
    private function meeting(int $series, array $script, array $people, Day $day, int $place): void
    {
        $open = new DateTimeImmutable("$day {$script['time']}", new DateTimeZone('Europe/Copenhagen'));
        $at = $open->setTimezone(new DateTimeZone('UTC'));
        $id = $this->rows->add('meetings', [
            'series_id' => $series,
            'on' => $day,
            'time' => $script['time'],
            'minutes' => $script['minutes'],
            'chair_id' => $people[$place % count($people)],
            'minute_taker_id' => $people[($place + 1) % count($people)],
            'opened_at' => $at->format('Y-m-d H:i:s'),
            'closed_at' => $at->modify('+'.($script['minutes'] + $this->stage->dice->between(-6, 5)).' minutes')->format('Y-m-d H:i:s'),
            'summary' => $place % 3 === 0 ? 'Short and to the point. The long item goes first next time.' : null,
        ]);

        foreach ($people as $person) {
            $this->rows->add('attendances', ['meeting_id' => $id, 'person_id' => $person, 'was_there' => ! $this->stage->dice->falls(8)]);
        }

        $position = 0;

        foreach ($script['standing'] as [$title, $minutes, $who, $goal]) {
            $spent = max(1, $minutes + $this->stage->dice->between(-2, 3));
            $this->item($id, $position++, $at, $spent, [
                'kind' => 'standing',
                'title' => $title,
                'minutes' => $minutes,
                'owner_id' => $who === null ? null : $this->people->id($who),
                'goal_id' => $goal === null ? null : $this->goals->id($goal),
                'notes' => $goal === null ? null : $this->stage->dice->pick(['As in the figures. Nothing to add.', 'Better than it looks: two more are nearly there.', 'Weather again. We keep the plan.', 'One surprise, noted in the log.']),
            ]);
            $at = $at->modify("+$spent minutes");
        }

        $at = $this->dealtWith($series, $id, $day, $place + ($series - 1) * 5, $position, $at);
        $this->item($id, $position + 1, $at, 2, ['kind' => 'closing', 'title' => 'Closing', 'minutes' => 2]);
    }

    private function dealtWith(int $series, int $meeting, Day $day, int $number, int $position, DateTimeImmutable $at): DateTimeImmutable
    {
        [$title, $who, $rank, $context, $words, $because, $step, $owner] = self::ISSUES[$number % count(self::ISSUES)];
        $issue = $this->issue($series, [
            'title' => $title,
            'context' => $context,
            'rank' => $rank,
            'minutes' => 8,
            'raised_by' => $this->people->id($who),
            'raised_on' => $day->plus(-4),
            'outcome' => 'decided',
            'settled_on' => $day,
        ]);
        $spent = $this->stage->dice->between(5, 12);
        $item = $this->item($meeting, $position, $at, $spent, [
            'kind' => 'issue',
            'title' => $title,
            'minutes' => 8,
            'owner_id' => $this->people->id($who),
            'issue_id' => $issue,
            'notes' => $context,
            'outcome' => 'decided',
        ]);
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

    /** @param array<string, mixed> $columns */
    private function item(int $meeting, int $position, DateTimeImmutable $at, int $spent, array $columns): int
    {
        return $this->rows->add('agenda_items', [
            'meeting_id' => $meeting,
            'position' => $position,
            'owner_id' => null,
            'goal_id' => null,
            'issue_id' => null,
            'begun_at' => $at->format('Y-m-d H:i:s'),
            'ended_at' => $at->modify("+$spent minutes")->format('Y-m-d H:i:s'),
            'notes' => null,
            'outcome' => null,
            ...$columns,
        ]);
    }

    /** @param array<string, mixed> $columns */
    private function issue(int $series, array $columns): int
    {
        return $this->rows->add('issues', [
            'series_id' => $series,
            'need' => 'decision',
            'goal_id' => null,
            'project_id' => null,
            'waited' => 0,
            'outcome' => null,
            'settled_on' => null,
            ...$columns,
        ]);
    }
}
