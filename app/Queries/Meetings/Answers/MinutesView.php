<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Props;

/** The minutes of a closed meeting, with what was added since. */
final readonly class MinutesView implements Props
{
    /**
     * @param ?string $checksum SHA-256 of the text; null where the minutes are older than checksums
     * @param bool $isIntact whether the text still has its checksum
     * @param list<AdditionRow> $additions in the order in which they were made
     * @param list<SentRow> $sent to whom the minutes went
     * @param list<TaskRow> $steps the next steps as they stand now
     */
    public function __construct(
        public int $id,
        public SeriesRow $series,
        public MinutesText $minutes,
        public ?string $checksum,
        public bool $isIntact,
        public array $additions,
        public array $steps,
        public array $sent,
        public bool $mayAdd,
    ) {
    }
}
