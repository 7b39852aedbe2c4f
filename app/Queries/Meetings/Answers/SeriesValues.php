<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** The fields of a series as the form holds them. */
final readonly class SeriesValues implements Props
{
    /**
     * @param list<int> $attendees people, in the order of turns
     * @param list<StandingValues> $standing
     * @param list<int> $guests contacts
     * @param list<int> $groups whose people attend, whoever they are
     * @param ?Day $appliesFrom asked for when another rule, time or length is to hold from a day on
     */
    public function __construct(
        public ?int $id,
        public string $title,
        public string $purpose,
        public string $rule,
        public Day $startsOn,
        public string $time,
        public int $minutes,
        public int $openingMinutes,
        public bool $isPrivate,
        public array $attendees,
        public array $standing,
        public int $closingMinutes,
        public int $rotatesEvery,
        public ?string $parts,
        public ?int $project,
        public ?int $area,
        public array $guests,
        public array $groups,
        public ?string $timezone,
        public ?Day $appliesFrom,
    ) {
    }
}
