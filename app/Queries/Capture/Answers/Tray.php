<?php

declare(strict_types=1);

namespace App\Queries\Capture\Answers;

use App\Queries\Direction\Answers\ShelfRow;
use App\Queries\Parts\Answers\Option;
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
