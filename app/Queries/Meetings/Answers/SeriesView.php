<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Props;

final readonly class SeriesView implements Props
{
    /**
     * @param list<PersonTag> $attendees
     * @param list<string> $guests names of contacts
     * @param int $tray how much came in for it and is not sorted
     * @param list<Option> $goals that all may see
     * @param list<TaskRow> $followUps
     * @param list<Occurrence> $held newest first
     * @param list<Option> $projects to tie an issue to
     * @param list<PlannedRow> $coming
     * @param list<PointRow> $points the viewer's, with those who attend
     * @param list<Option> $belongsTo names of the project and area, by address
     * @param list<string> $against protected hours of attendees that its time goes against, in words
     */
    public function __construct(
        public SeriesRow $series,
        public array $attendees,
        public array $guests,
        public ?string $chair,
        public ?string $minuteTaker,
        public AgendaView $agenda,
        public array $followUps,
        public array $held,
        public array $projects,
        public array $against,
        public array $coming,
        public array $points,
        public array $belongsTo,
        public ?RuleChange $changes,
        public int $tray,
        public array $goals,
        public bool $mayRun,
        public bool $mayChange,
    ) {
    }
}
