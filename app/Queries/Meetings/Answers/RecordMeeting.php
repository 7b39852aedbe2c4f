<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** One held meeting, as a bar among others. */
final readonly class RecordMeeting implements Props
{
    /**
     * @param int $planned minutes
     * @param int $took minutes
     * @param int $people who were there
     * @param int $raised issues raised since the one before
     * @param int $resolved issues that it settled
     */
    public function __construct(
        public int $id,
        public Day $on,
        public int $planned,
        public int $took,
        public int $people,
        public int $raised,
        public int $resolved,
    ) {
    }
}
