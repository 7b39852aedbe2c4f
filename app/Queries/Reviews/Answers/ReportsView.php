<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Props;

/** One's own reports, and those one got. */
final readonly class ReportsView implements Props
{
    /**
     * @param list<ReportLine> $own the last first
     * @param list<ReportLine> $got the last first
     */
    public function __construct(public array $own, public array $got)
    {
    }
}
