<?php

declare(strict_types=1);

namespace App\Queries\Calendar;

use App\Models\Role;
use App\Queries\Parts\PersonTag;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** What stands around every screen: who is here, the year rail, the tray. */
final readonly class Frame implements Props
{
    public function __construct(
        public PersonTag $me,
        public Role $role,
        public string $workspace,
        public Day $today,
        public string $thisWeek,
        public Rail $rail,
        public int $tray,
    ) {
    }
}
