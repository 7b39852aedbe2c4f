<?php

declare(strict_types=1);

namespace App\Queries\Day\Answers;

use App\Queries\Meetings\Answers\Occurrence;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** What somebody who comes back has missed, and what is to be decided. */
final readonly class CatchUpView implements Props
{
    /**
     * @param ?Day $from the first day of the stretch; null of who was not away
     * @param ?Day $until the last
     * @param list<Occurrence> $meetings that were held without them, or ran
     * @param list<PeriodTag> $weeks that were not reviewed: nothing is owed
     * @param int $tray how much is to be sorted
     * @param int $updates that are not read
     * @param list<TaskRow> $late past their due date
     * @param list<TaskRow> $carried that came along meanwhile
     * @param string $week the present one
     * @param string $nextWeek the one after
     * @param list<PersonTag> $people
     */
    public function __construct(
        public ?Day $from,
        public ?Day $until,
        public array $meetings,
        public array $weeks,
        public int $tray,
        public int $updates,
        public array $late,
        public array $carried,
        public string $week,
        public string $nextWeek,
        public array $people,
    ) {
    }
}
