<?php

declare(strict_types=1);

namespace App\Queries\Calendar\Answers;

use App\Models\Role;
use App\Queries\Capture\Answers\Alert;
use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** What stands around every screen: who is here, the year rail, the tray. */
final readonly class Frame implements Props
{
    /**
     * @param list<Option> $times periods to plan for, by horizon
     * @param int $tray how much is to be sorted or looked at again
     * @param ?Alert $alert what comes back next today at a time
     * @param bool $monthFirst whether they mean 4 March by 3/4
     * @param int $updates how much was told and is not read
     */
    public function __construct(
        public PersonTag $me,
        public Role $role,
        public string $workspace,
        public Day $today,
        public string $thisWeek,
        public Rail $rail,
        public array $times,
        public WorkCalendar $calendar,
        public int $tray,
        public int $updates,
        public ?Alert $alert,
        public bool $monthFirst,
    ) {
    }
}
