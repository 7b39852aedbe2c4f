<?php

declare(strict_types=1);

namespace App\Actions\Meetings;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Meetings\Agenda;
use Loftrin\Core\Meetings\Shown;

/** What is said of a series of meetings. */
final readonly class SeriesDraft
{
    /**
     * @param string $rule an RFC 5545 RRULE
     * @param string $time HH:MM on the wall
     * @param int $openingMinutes of an opening round; 0 for none
     * @param list<int> $attendees people, in the order of turns
     * @param list<array{id: ?int, title: string, minutes: int, owner: ?int, goal: ?int, project: ?int, shows: ?Shown}> $standing in order
     * @param list<int> $guests contacts who attend
     * @param int $rotatesEvery meetings between two changes of chair and minute-taker
     * @param ?string $parts of the agenda in an order of their own
     * @param list<int> $groups whose people attend, whoever they are
     * @param ?string $timezone null for the workspace's
     * @param ?Day $appliesFrom from when another rule, time or length holds; null for all meetings to come
     */
    public function __construct(
        public string $title,
        public ?string $purpose,
        public string $rule,
        public Day $startsOn,
        public string $time,
        public int $minutes,
        public int $openingMinutes,
        public bool $isPrivate,
        public array $attendees,
        public array $standing,
        public int $closingMinutes = Agenda::CLOSING_MINUTES,
        public int $rotatesEvery = 1,
        public ?string $parts = null,
        public ?int $project = null,
        public ?int $area = null,
        public array $guests = [],
        public array $groups = [],
        public ?string $timezone = null,
        public ?Day $appliesFrom = null,
    ) {
    }
}
