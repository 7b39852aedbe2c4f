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

    public function __construct(
        private readonly Rows $rows,
        private readonly Stage $stage,
        private readonly People $people,
        private readonly Goals $goals,
        private readonly Work $work,
    ) {
    }

    public function add(): void
    {
        foreach (WeekScript::THIS_WEEK as [$title, $under, $owner, $isFirm, $tasks]) {
            $this->thisWeek($title, $under, $owner, $isFirm, $tasks);
        }

        $left = self::GOALS - count(WeekScript::THIS_WEEK);

        for ($number = 0; $number < $left; $number++) {
            $away = $number < $left - 2 ? -1 - intdiv($number * 27, $left) : 1;
            $this->other($this->stage->week($away), array_keys(WeekScript::TITLES)[$number % 4], $number);
        }

        foreach (range(-8, 0) as $away) {
            $this->rows->add('period_words', [
                'period' => $this->stage->week($away)->name,
                'words' => WeekScript::FOCUS[-$away % count(WeekScript::FOCUS)],
            ]);
        }

        foreach (WeekScript::FOUNDER as $place => [$title, $when, $isDone, $minutes]) {
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
            ], $isDone ? $week->span->first : $this->stage->worked(
                Day::ofNumber(min($week->span->last->number, $this->stage->today->number + $place)),
            ));
        }
    }

    private function other(Period $week, string $thread, int $number): void
    {
        $titles = WeekScript::TITLES[$thread];
        $title = $titles[intdiv($number, 4) % count($titles)];
        $isPast = $week->isOverOn($this->stage->today);
        $quarter = (int) substr($this->stage->calendar->quarterOf($week->anchor())->name, -1);
        $fate = $this->stage->dice->between(1, 100);
        $result = match (true) {
            ! $isPast => null,
            $fate <= 58 => 'met',
            $fate <= 82 => 'in_part',
            default => 'not_met',
        };
        $key = "week $number";
        $closed = $this->stage->worked($week->span->last);
        $this->goals->set($key, $week, [
            'title' => $title,
            'parent_id' => $this->goals->id(WeekScript::UNDER[$quarter][$thread]),
            'owner_id' => $this->people->id($this->stage->dice->pick(['noor', 'priya', 'tomasz', 'jonah', 'elif', 'lucia', 'kwame'])),
            'weight' => self::WEIGHT,
            'is_firm' => $this->stage->dice->falls(40),
            'measure' => 'work',
            'closed_on' => $isPast ? $closed : null,
            'result' => $result,
        ]);

        foreach (['Prepare: %s', 'Finish: %s'] as $place => $words) {
            $isDone = $isPast && ($result === 'met' || ($result === 'in_part' && $place === 0));
            $this->work->task([
                'title' => sprintf($words, WeekScript::afterColon($title)),
                'goal_id' => $this->goals->id($key),
                'owner_id' => $this->people->id($this->stage->dice->pick(['noor', 'priya', 'tomasz', 'jonah', 'elif', 'mei', 'ingrid'])),
                'created_on' => $week->span->first->plus(-3),
                'done_on' => $isDone ? $this->stage->between($week->span->first, $closed) : null,
                // After the goal was closed, which shows what was open then.
                'dropped_on' => $isPast && ! $isDone ? $closed->plus(1) : null,
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
        $title = WeekScript::LOOSE[$number % count(WeekScript::LOOSE)];
        $owner = $this->people->id(['noor', 'mei', 'elif', 'noor', 'jonah', 'ingrid', 'kwame'][$number % 7]);

        if ($isOpen) {
            $created = $stage->today->plus(-20 - $number);
            $this->work->task(
                [
                    'title' => $title, 'owner_id' => $owner, 'created_on' => $created,
                    'visibility' => $number % 2 === 0 ? 'only_me' : 'everyone', 'minutes' => 30,
                ],
                [null, $stage->week(-4), $stage->calendar->monthOf($stage->today)][intdiv($number, 9) % 3],
            );

            return;
        }

        $this->work->task([
            'title' => $title, 'owner_id' => $owner, 'created_on' => $day->plus(-2), 'done_on' => $day,
            'minutes' => [60, 90, 120, 180][$number % 4],
        ], $stage->calendar->weekOf($day));
    }

    private function jots(): void
    {
        foreach ([
            ['noor', 'ask the divers about Thursday’s tide by Friday, 15 min, for Moorings Ork'],
            ['noor', 'Ask Priya whether crew three wants the Lyness job'],
            ['noor', 'A buoy that calls when the ice comes?'],
            ['noor', 'Thank the harbour master at Hanstholm'],
            ['noor', 'Divers’ insurance runs out in spring'],
            ['noor', 'every second Thursday: rinse the test tank, 20 min'],
            ['noor', 'raise at the Quay hour: who holds the second key of the fuel shed'],
            ['noor', 'https://harbours.example/permits-2027'],
            ['noor', 'quote for three years of service, to Jonah, by 15 Dec'],
            ['noor', 'waiting for Mei: drawings of the new clamp, follow up Monday'],
            ['noor', 'Learn enough Danish to read a harbour order'],
            ['elif', 'New chairs for the workshop'],
            ['priya', 'Spare winch: borrow or buy'],
        ] as $place => [$who, $words]) {
            $this->rows->add('jots', [
                'person_id' => $this->people->id($who), 'words' => $words, 'jotted_on' => $this->stage->today->plus(-$place),
                'sorted_on' => null,
            ]);
        }
    }
}
