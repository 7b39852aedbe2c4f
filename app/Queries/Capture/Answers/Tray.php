<?php

declare(strict_types=1);

namespace App\Queries\Capture\Answers;

use App\Queries\Direction\Answers\ShelfRow;
use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;

final readonly class Tray implements Props
{
    /**
     * @param ?TrayOf $of whose it is; null of one's own
     * @param list<TrayItem> $items oldest first
     * @param list<ShelfRow> $again what was shelved until a day that has come
     * @param list<DayRoom> $days working days that are left of this week
     * @param ?int $nextFree minutes that are free next week; null with no hours set
     * @param list<Option> $meetings in which it could be raised
     * @param list<PersonTag> $people
     */
    public function __construct(
        public ?TrayOf $of,
        public array $items,
        public array $again,
        public array $days,
        public string $thisWeek,
        public string $nextWeek,
        public ?int $nextFree,
        public array $people,
        public array $meetings,
    ) {
    }
}
