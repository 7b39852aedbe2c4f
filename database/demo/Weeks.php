<?php

declare(strict_types=1);

namespace Database\Demo;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;

/** Forty week goals with their tasks, the weeks' focus, what was done besides, and what lies in the trays. */
final class Weeks
{
    private const GOALS = 40;

    /** A week's goal is a small part of its quarter's. */
    private const WEIGHT = 0.05;

    /** Of the founder: title, days from today or weeks in which it was planned, whether it is done, minutes. */
    private const FOUNDER = [
        ['Rewrite the mooring guide', '-4 weeks', false, 90],
        ['Spare parts list', '-2 weeks', false, 45],
        ['Photos of the new float for the site', '-1 weeks', false, 45],
        ['Order shackles for Kirkwall', '-2 days', true, 15],
        ['Read the insurer’s offer', '-1 days', true, 30],
        ['Tell the crew about Thursday', '-1 days', true, 15],
        ['Ring the harbour office about berth 7', '0 days', false, 15],
        ['Review the week', '2 days', false, 30],
    ];

    private const THIS_WEEK = [
        ['Six buoys moored at Kirkwall', 'wet28', 'priya', true, ['Moor buoys 3 and 4', 'Moor buoys 5 and 6', 'Lift the old sinkers']],
        ['Firmware 2.4 in the hands of the field crew', 'firmware', 'tomasz', true, ['Release 2.4 to the bench', 'Read crew notes on 2.4', 'Answer the crew’s questions on 2.4']],
        ['Quotes out to the three Baltic farms', 'baltic', 'noor', false, ['Quote for the Gotland farm by weight of fish', 'Ring the Bornholm farm about winter']],
        ['Elif runs the week’s meetings', 'weekaway', 'elif', false, []],
    ];

    private const TITLES = [
        'HB' => ['Berths 9 and 12 prepared', 'Two buoys wet before the spring tide', 'Chain for four harbours ordered', 'Survey of the outer pier done', 'Crew two moors alone once', 'Hand-over notes for Stromness', 'Divers booked until March', 'Tide windows agreed for the month', 'Sinkers cast for six buoys', 'Kirkwall berths surveyed'],
        'RV' => ['Four past customers called', 'Offer for the Øresund farm', 'Two service contracts signed', 'Price for three years worked out', 'Pictures of the new float online', 'Reply to the Gotland tender', 'Renewals for spring sent', 'Booth at the harbour fair booked', 'First invoice for winter service', 'Two visits on Bornholm'],
        'FF' => ['Firmware 2.4 on the bench', 'Five failed connectors opened', 'Cold test of cell B done', 'Log says why for all of last month', 'Watchdog proven on three buoys', 'New gasket in stock', 'Telemetry gaps under one per cent', 'Battery swap under ten minutes', 'pH drift explained', 'Update over the air works twice'],
        'TM' => ['Elif closes the month alone', 'Bank access for two people', 'Three duties handed over', 'Noor off the phone on Thursday', 'Second name for every key', 'Payroll written down', 'Workshop rota for a month', 'Mei answers the press', 'Insurance explained to Elif', 'Monday without Noor'],
    ];

    private const UNDER = [
        1 => ['HB' => 'approval', 'RV' => 'rev47', 'FF' => 'faillog', 'TM' => 'roles'],
        2 => ['HB' => 'wet15', 'RV' => 'rev55', 'FF' => 'fail5', 'TM' => 'chairs'],
        3 => ['HB' => 'wet28', 'RV' => 'baltic', 'FF' => 'firmware', 'TM' => 'weekaway'],
        4 => ['HB' => 'wet40', 'RV' => 'rev75', 'FF' => 'fail3', 'TM' => 'twoweeks'],
    ];

    private const FOCUS = ['Get the Kirkwall buoys into the water before the weather turns.', 'Sell before the fair.', 'Finish what is on the bench.', 'Nothing new this week.', 'Crew two goes out alone.', 'Quiet week, catch up on papers.'];

    private const LOOSE = ['Water the plants', 'Order printer labels', 'Fix the workshop tap', 'Renew the van’s insurance', 'Book the train to Esbjerg', 'Send receipts to the accountant', 'Clear the inbox', 'Return the borrowed winch', 'Thank the fair organisers', 'Update the phone list', 'Sort the spare parts shelf', 'Call the landlord about heating', 'Back up the laptop', 'Find a dentist', 'Write to the university about interns', 'Read the new radio rules'];

    public function __construct(private readonly Rows $rows, private readonly Stage $stage, private readonly People $people, private readonly Goals $goals, private readonly Work $work)
    {
    }

    public function add(): void
    {
        foreach (self::THIS_WEEK as [$title, $under, $owner, $isFirm, $tasks]) {
            $this->thisWeek($title, $under, $owner, $isFirm, $tasks);
        }

        $left = self::GOALS - count(self::THIS_WEEK);

        for ($number = 0; $number < $left; $number++) {
            $away = $number < $left - 2 ? -1 - intdiv($number * 27, $left) : 1;
            $this->other($this->stage->week($away), array_keys(self::TITLES)[$number % 4], $number);
        }

        foreach (range(-8, 0) as $away) {
            $this->rows->add('period_words', [
                'period' => $this->stage->week($away)->name,
                'words' => self::FOCUS[-$away % count(self::FOCUS)],
            ]);
        }

        foreach (self::FOUNDER as $place => [$title, $when, $isDone, $minutes]) {
            $this->founder($place, $title, $when, $isDone, $minutes);
        }

        $this->jots();
    }

    /** Tasks that serve no goal, until there are so many in all. */
    public function fillUpTo(int $tasks): void
    {
        for ($number = 0; $this->rows->count('tasks') < $tasks; $number++) {
            $this->loose($number);
        }
    }

    /** @param list<string> $tasks */
    private function thisWeek(string $title, string $under, string $owner, bool $isFirm, array $tasks): void
    {
        $week = $this->stage->week(0);
        $key = "week now $title";
        $this->goals->set($key, $week, [
            'title' => $title,
            'parent_id' => $this->goals->id($under),
            'owner_id' => $this->people->id($owner),
            'weight' => self::WEIGHT,
            'is_firm' => $isFirm,
            'measure' => $tasks === [] ? 'yes_no' : 'work',
        ]);

        foreach ($tasks as $place => $task) {
            $isDone = $place === 0 && $this->stage->today->number > $week->span->first->number && $isFirm;
            $this->work->task([
                'title' => $task,
                'goal_id' => $this->goals->id($key),
                'owner_id' => $this->people->id($place === 1 ? 'noor' : $owner),
                'created_on' => $week->span->first,
                'done_on' => $isDone ? $week->span->first : null,
                'minutes' => [90, 120, 45][$place],
                'rank' => ['A', 'A', 'B'][$place],
            ], $isDone ? $week->span->first : $this->stage->worked(Day::ofNumber(min($week->span->last->number, $this->stage->today->number + $place))));
        }
    }

    private function other(Period $week, string $thread, int $number): void
    {
        $titles = self::TITLES[$thread];
        $title = $titles[intdiv($number, 4) % count($titles)];
        $isPast = $week->isOverOn($this->stage->today);
        $quarter = (int) substr($this->stage->calendar->quarterOf($week->anchor())->name, -1);
        $fate = $this->stage->dice->between(1, 100);
        $result = match (true) {
            ! $isPast => null,
            $fate <= 58 => 'met',
            $fate <= 82 => 'partly_met',
            default => 'not_met',
        };
        $key = "week $number";
        $this->goals->set($key, $week, [
            'title' => $title,
            'parent_id' => $this->goals->id(self::UNDER[$quarter][$thread]),
            'owner_id' => $this->people->id($this->stage->dice->pick(['noor', 'priya', 'tomasz', 'jonah', 'elif', 'lucia', 'kwame'])),
            'weight' => self::WEIGHT,
            'is_firm' => $this->stage->dice->falls(40),
            'measure' => 'work',
            'closed_on' => $isPast ? $this->stage->worked($week->span->last) : null,
            'result' => $result,
        ]);

        foreach (['Prepare: %s', 'Finish: %s'] as $place => $words) {
            $isDone = $isPast && ($result === 'met' || ($result === 'partly_met' && $place === 0));
            $this->work->task([
                'title' => sprintf($words, lcfirst($title)),
                'goal_id' => $this->goals->id($key),
                'owner_id' => $this->people->id($this->stage->dice->pick(['noor', 'priya', 'tomasz', 'jonah', 'elif', 'mei', 'ingrid'])),
                'created_on' => $week->span->first->plus(-3),
                'done_on' => $isDone ? $this->stage->between($week->span->first, $this->stage->worked($week->span->last)) : null,
                'dropped_on' => $isPast && ! $isDone ? $this->stage->worked($week->span->last) : null,
            ], $week);
        }
    }

    private function founder(int $place, string $title, string $when, bool $isDone, int $minutes): void
    {
        [$away, $kind] = explode(' ', $when);
        $week = $this->stage->week(0);
        $day = $this->stage->today->plus($kind === 'days' ? (int) $away : 0);
        $day = $this->stage->worked($week->span->holds($day) ? $day : $week->span->first);
        $isDone = $isDone && $day->isBefore($this->stage->today);
        $this->work->task([
            'title' => $title,
            'project_id' => $place % 3 === 0 ? $this->work->projectId('Moorings Orkney') : null,
            'owner_id' => $this->people->id('noor'),
            'created_on' => $this->stage->today->plus(-40),
            'done_on' => $isDone ? $day : null,
            'due_on' => $place === 6 ? $this->stage->worked($this->stage->today->plus(-4)) : null,
            'rank' => $place === 6 ? 'A' : null,
            'minutes' => $minutes,
        ], $kind === 'weeks' ? $this->stage->week((int) $away) : $day);
    }

    private function loose(int $number): void
    {
        $stage = $this->stage;
        $day = $stage->between($stage->today->plus(-230), $stage->yesterday());
        $isOpen = $number % 9 === 4;
        $title = self::LOOSE[$number % count(self::LOOSE)];
        $owner = $this->people->id(['noor', 'mei', 'elif', 'noor', 'jonah', 'ingrid', 'kwame'][$number % 7]);

        if ($isOpen) {
            $created = $stage->today->plus(-20 - $number);
            $this->work->task(
                ['title' => $title, 'owner_id' => $owner, 'created_on' => $created, 'visibility' => $number % 2 === 0 ? 'only_me' : 'everyone', 'minutes' => 30],
                [null, $stage->week(-4), $stage->calendar->monthOf($stage->today)][intdiv($number, 9) % 3],
            );

            return;
        }

        $this->work->task(['title' => $title, 'owner_id' => $owner, 'created_on' => $day->plus(-2), 'done_on' => $day, 'minutes' => [60, 90, 120, 180][$number % 4]], $stage->calendar->weekOf($day));
    }

    private function jots(): void
    {
        foreach ([
            ['noor', 'Ask Priya whether crew three wants the Lyness job'],
            ['noor', 'A buoy that calls when the ice comes?'],
            ['noor', 'Thank the harbour master at Hanstholm'],
            ['noor', 'Divers’ insurance runs out in spring'],
            ['elif', 'New chairs for the workshop'],
            ['priya', 'Spare winch: borrow or buy'],
        ] as $place => [$who, $words]) {
            $this->rows->add('jots', ['person_id' => $this->people->id($who), 'words' => $words, 'jotted_on' => $this->stage->today->plus(-$place), 'sorted_on' => null]);
        }
    }
}
