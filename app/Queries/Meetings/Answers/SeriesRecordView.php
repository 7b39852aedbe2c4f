<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Props;

/** How the meetings of a series do. */
final readonly class SeriesRecordView implements Props
{
    /**
     * @param list<RecordMeeting> $meetings oldest first
     * @param list<RecordItem> $items of the standing agenda
     * @param float $hours people × hours over these meetings
     * @param ?int $oldestDays how long the oldest open issue has been waiting
     * @param int $open issues
     * @param int $kept next steps that were done by their date
     * @param int $promised next steps that were due by now
     */
    public function __construct(
        public int $id,
        public string $title,
        public array $meetings,
        public array $items,
        public float $hours,
        public ?int $oldestDays,
        public int $open,
        public int $kept,
        public int $promised,
    ) {
    }
}
