<?php

declare(strict_types=1);

namespace App\Queries\Capture;

use App\Queries\Direction\ShelfRow;
use App\Queries\Parts\Option;
use App\Queries\Props;

final readonly class Tray implements Props
{
    /**
     * @param list<JotRow> $jots oldest first
     * @param list<ShelfRow> $again what was shelved until a day that has come
     * @param list<Option> $projects a jot can become a task of
     */
    public function __construct(
        public array $jots,
        public array $again,
        public array $projects,
        public string $thisWeek,
        public string $nextWeek,
    ) {
    }
}
