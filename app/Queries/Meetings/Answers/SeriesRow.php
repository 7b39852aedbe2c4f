<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** A series as a line of a list. */
final readonly class SeriesRow implements Props
{
    /**
     * @param string $rule in words, as it holds today
     * @param string $time HH:MM on the wall of its zone
     * @param ?string $zone null where it is the workspace's
     * @param ?int $running the meeting that is open, if one is
     */
    public function __construct(
        public int $id,
        public string $title,
        public ?string $purpose,
        public string $rule,
        public string $time,
        public ?string $zone,
        public int $minutes,
        public bool $isPrivate,
        public ?Day $next,
        public ?int $running,
        public int $openIssues,
        public int $held,
    ) {
    }
}
