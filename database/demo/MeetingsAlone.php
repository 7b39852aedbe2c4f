<?php

declare(strict_types=1);

namespace Database\Demo;

use DateTimeImmutable;
use DateTimeZone;
use Loftrin\Core\Meetings\Agenda;

/** Meetings that stand alone: one that runs, and one tomorrow that does not fit its time. */
final readonly class MeetingsAlone
{
    public function __construct(private Rows $rows, private Stage $stage, private People $people, private MeetingRows $laid)
    {
    }

    /** The one that runs since a quarter of an hour, and the one that is held tomorrow. */
    public function add(DateTimeImmutable $now): void
    {
        foreach (MeetingScript::ALONE as $when => [$title, $purpose, $minutes, $people, $issues, $lines]) {
            $opened = $now->modify('-14 minutes');
            $local = $opened->setTimezone(new DateTimeZone('Europe/Copenhagen'));
            $isNow = $when === 'today';
            $id = $this->rows->add('series', [
                'title' => $title,
                'purpose' => $purpose,
                'rule' => 'FREQ=DAILY;COUNT=1',
                'starts_on' => $this->stage->today->plus($isNow ? 0 : 1),
                'time' => $isNow ? $local->format('H:i') : '10:00',
                'minutes' => $minutes,
                'opening_minutes' => 0,
                'is_private' => false,
            ]);
            $ids = array_map($this->people->id(...), $people);

            foreach ($ids as $position => $person) {
                $this->rows->add('attendees', [
                    'series_id' => $id, 'person_id' => $person, 'position' => $position, 'is_by_group' => false,
                ]);
            }

            $raised = array_map(
                fn(array $issue): int => $this->laid->issue($id, [
                    'title' => $issue[0],
                    'context' => null,
                    'rank' => $issue[2],
                    'minutes' => $issue[3],
                    'raised_by' => $this->people->id($issue[1]),
                    'raised_on' => $this->stage->worked($this->stage->today->plus(-2)),
                ]),
                $issues,
            );

            if ($isNow) {
                $this->run($id, $opened, $minutes, $ids, $issues, $raised, $lines);
            }
        }
    }

    /**
     * @param list<int> $people
     * @param list<array{string, string, string, int}> $issues
     * @param list<int> $raised
     * @param list<array{string, string}> $lines
     */
    private function run(
        int $series,
        DateTimeImmutable $opened,
        int $minutes,
        array $people,
        array $issues,
        array $raised,
        array $lines,
    ): void {
        $meeting = $this->rows->add('meetings', [
            'series_id' => $series,
            'on' => $this->stage->today,
            'time' => $opened->setTimezone(new DateTimeZone('Europe/Copenhagen'))->format('H:i'),
            'minutes' => $minutes,
            'chair_id' => $people[0],
            'minute_taker_id' => $people[1],
            'opened_at' => $opened->format('Y-m-d H:i:s'),
        ]);

        foreach ($people as $person) {
            $this->rows->add('attendances', ['meeting_id' => $meeting, 'person_id' => $person, 'was_there' => true]);
        }

        foreach ($issues as $place => [$title, $who, , $length]) {
            $begun = $place < 2;
            $this->laid->item($meeting, $place, $opened->modify('+'.(9 * $place).' minutes'), 9, [
                'kind' => 'issue',
                'title' => $title,
                'minutes' => $length,
                'owner_id' => $this->people->id($who),
                'issue_id' => $raised[$place],
                ...$begun ? [] : ['begun_at' => null],
                ...$place === 0 ? [] : ['ended_at' => null],
            ], $place === 1 ? $lines : []);
        }

        $this->laid->item($meeting, count($issues), $opened, 0, [
            'kind' => 'closing', 'title' => 'Closing', 'minutes' => Agenda::CLOSING_MINUTES, 'begun_at' => null, 'ended_at' => null,
        ]);
    }
}
