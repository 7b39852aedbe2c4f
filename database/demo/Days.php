<?php

declare(strict_types=1);

namespace Database\Demo;

use Loftrin\Core\Calendar\Day;

/** Sixty days of the founder's own: the log, the evenings, habits, focus sessions, appointments. */
final readonly class Days
{
    private const BACK = 60;

    /** Time, words, tag. One or two of them stand on each working day. */
    private const LOG = [
        ['08:10', 'Fog until nine. The crew is waiting on the pier.', null],
        ['08:55', 'The harbour master lends one key against a deposit.', 'finding'],
        ['11:05', 'Pay the deposit, keep a key in the van.', 'decision'],
        ['09:20', 'Priya has the crane for Thursday.', null],
        ['16:20', 'Two of six modems wake late after a cold night.', 'finding'],
        ['10:45', 'Rent the spare buoy to the fish farm for a season instead of selling it.', 'idea'],
        ['14:30', 'Long call with Kirkwall. They want the reports monthly, not weekly.', null],
        ['15:10', 'Monthly reports for everyone who does not ask for weekly ones.', 'decision'],
        ['08:40', 'Quiet morning. Wrote the offer in one go.', null],
        ['12:00', 'Nobody reads the second page of an offer. Put the price on the first.', 'finding'],
        ['17:05', 'Jonah closed Ostend. Rang the bell.', null],
        ['09:50', 'A webcam at the mooring would save us one trip in three.', 'idea'],
        ['13:15', 'Battery bench runs a day longer than planned.', null],
        ['11:30', 'The shackle from the new supplier rusts after two weeks in the basin.', 'finding'],
        ['16:40', 'Back to the old supplier until the spring.', 'decision'],
        ['08:15', 'Train to Bergen, worked on the quarter.', null],
        ['10:05', 'Three harbours asked for the same thing this month: an alarm by text message.', 'finding'],
        ['15:50', 'Let Elif run the Thursday without me from now on.', 'decision'],
        ['09:05', 'Ice on the slip, nobody goes out before ten.', null],
        ['14:00', 'A short film of a fitting for the website.', 'idea'],
        ['11:20', 'Tomasz found the drift: the probe warms up beside the modem.', 'finding'],
        ['16:10', 'Move the probe two centimetres down in the next frame.', 'decision'],
    ];

    private const LEARNED = [
        'Ask for the berth plan before the offer, not after it.', 'Two short calls beat one long mail.',
        'The mornings before ten are mine.',
        'A deposit makes people keep their date.', 'Tomasz explains the modem better than I do.', 'Tides first, mail later.',
        'I plan six hours and have four.', 'Say no on the day, not a week later.',
    ];

    private const HELD_UP = [
        'Waited for the crane.', 'Two meetings without an agenda.', 'The quote needed a third look.', 'Nothing in particular.',
        'Mail until eleven.', 'The van was at the garage.',
    ];

    /** Intent, minutes, how it ended, what got in the way. */
    private const SESSIONS = [
        ['First draft of the offer for the Øresund farm', 50, 'finished', null],
        ['Read crew notes on 2.4', 25, 'finished', null],
        ['Mooring guide, chapter on chains', 50, 'stuck', 'The drawings of the new clamp are missing.'],
        ['Quarter figures for the board', 50, 'moved', null],
        ['Price for three years of service', 50, 'finished', null],
        ['Answer the harbour office', 25, 'moved', null],
        ['Job ad for the second service crew', 50, 'stuck', 'Phone, three times.'],
    ];

    public function __construct(private Rows $rows, private Stage $stage, private People $people)
    {
    }

    public function add(): void
    {
        $noor = $this->people->id('noor');
        $dice = new Dice(1937);
        $began = $this->stage->today->plus(-self::BACK);
        $walk = $this->habit($noor, 'Walk once round the quay', 'day', 1, $began);
        $call = $this->habit($noor, 'Call one harbour', 'week', 3, $began);
        $read = $this->habit($noor, 'Read a report to the end', 'month', 2, $began);
        $place = 0;

        for ($ago = self::BACK; $ago >= 0; $ago--) {
            $day = $this->stage->today->plus(-$ago);

            if ($ago > 0 && $dice->falls(78)) {
                $this->rows->add('habit_ticks', ['habit_id' => $walk, 'on' => $day, 'count' => 1]);
            }

            if (! $this->stage->calendar->isWorkingDay($day)) {
                continue;
            }

            $lines = $ago === 0 ? 2 : $dice->between(0, 2);

            for ($line = 0; $line < $lines; $line++, $place++) {
                $this->line($noor, $day, $ago === 0 ? $line : $place);
            }

            if ($ago > 0) {
                $this->past($noor, $day, $dice, $call, $read);
            }
        }

        foreach (['tuesday', 'thursday', 'friday'] as $weekday) {
            $this->rows->add('protected_hours', [
                'person_id' => $noor, 'weekday' => $weekday, 'from' => '09:00', 'until' => '11:00', 'kind' => 'work',
            ]);
        }

        $this->rows->add('appointments', [
            'person_id' => $noor, 'title' => 'Dentist', 'on' => $this->stage->calendar->workingDayFrom($this->stage->today->plus(1)),
            'at' => '16:00', 'minutes' => 45,
        ]);
        $this->rows->add('appointments', [
            'person_id' => $noor, 'title' => 'Tide window, Scapa pier', 'on' => $this->stage->today, 'at' => '14:30', 'minutes' => 90,
        ]);
    }

    private function habit(int $person, string $title, string $per, int $times, Day $began): int
    {
        return $this->rows->add('habits', [
            'person_id' => $person, 'title' => $title, 'per' => $per, 'times' => $times, 'weekdays' => [], 'began_on' => $began,
        ]);
    }

    private function line(int $person, Day $day, int $place): void
    {
        [$at, $words, $tag] = self::LOG[$place % count(self::LOG)];
        $this->rows->add('log_lines', ['person_id' => $person, 'on' => $day, 'at' => $at, 'words' => $words, 'tag' => $tag]);
    }

    private function past(int $person, Day $day, Dice $dice, int $call, int $read): void
    {
        foreach ([[$call, 55], [$read, 9]] as [$habit, $percent]) {
            if ($dice->falls($percent)) {
                $this->rows->add('habit_ticks', ['habit_id' => $habit, 'on' => $day, 'count' => 1]);
            }
        }

        if ($dice->falls(70)) {
            [$intent, $minutes, $outcome, $obstacle] = $dice->pick(self::SESSIONS);
            $begun = $day->number * 86400 + 3600 * $dice->between(8, 14) + 60 * $dice->between(0, 50);
            $this->rows->add('focus_sessions', [
                'person_id' => $person, 'intent' => $intent, 'minutes' => $minutes, 'rounds' => 1, 'break_minutes' => 0, 'on' => $day,
                'begun_at' => gmdate('Y-m-d H:i:s', $begun),
                'ended_at' => gmdate('Y-m-d H:i:s', $begun + 60 * ($minutes - $dice->between(0, 8))),
                'outcome' => $outcome, 'obstacle' => $obstacle,
            ]);
        }

        if ($dice->falls(82)) {
            $this->answer($person, $day, 'How was the day?', null, min(5, $dice->between(2, 6)));
            $this->answer($person, $day, 'What did I learn?', $dice->pick(self::LEARNED), null);

            if ($dice->falls(50)) {
                $this->answer($person, $day, 'What held me up?', $dice->pick(self::HELD_UP), null);
            }
        }
    }

    private function answer(int $person, Day $day, string $question, ?string $words, ?int $score): void
    {
        $this->rows->add('evening_answers', [
            'person_id' => $person, 'on' => $day, 'question' => $question, 'words' => $words, 'score' => $score,
        ]);
    }
}
