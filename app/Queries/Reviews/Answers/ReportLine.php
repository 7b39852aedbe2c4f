<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Models\Report;
use App\Models\Workspace;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Reviews\ReportAudience;

/** A report in the list of one's own, or of those one got. */
final readonly class ReportLine implements Props
{
    /** @param ?Day $sentOn null while it is written */
    private function __construct(
        public int $id,
        public string $title,
        public ReportAudience $audience,
        public Day $first,
        public Day $last,
        public PersonTag $by,
        public ?Day $sentOn,
    ) {
    }

    public static function of(Report $report, Workspace $workspace): self
    {
        return new self(
            $report->id,
            $report->title,
            $report->audience,
            $report->first,
            $report->last,
            PersonTag::of($report->person),
            $report->sent_at === null ? null : $workspace->wallDay($report->sent_at),
        );
    }
}
