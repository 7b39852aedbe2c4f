<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Props;

final readonly class Meetings implements Props
{
    /**
     * @param list<SeriesRow> $series
     * @param list<Occurrence> $running the viewer's
     * @param ?Occurrence $next the viewer's next meeting
     * @param ?AgendaView $agenda of that
     * @param list<Occurrence> $coming the viewer's, over the next two weeks
     * @param list<Occurrence> $held the last ones, newest first
     */
    public function __construct(
        public array $series,
        public array $running,
        public ?Occurrence $next,
        public ?AgendaView $agenda,
        public array $coming,
        public array $held,
    ) {
    }
}
