<?php

declare(strict_types=1);

namespace App\Queries\Week\Answers;

use App\Queries\Props;

final readonly class RecurringTasks implements Props
{
    /**
     * @param list<RecurringTaskRow> $mine what is due next first
     * @param list<RecurringTaskRow> $others those of the team that one may see
     * @param list<DailyLine> $daily one's own
     * @param list<CheckListRow> $checklists
     * @param list<OutputRow> $outputs
     * @param list<RecurringTaskRow> $shared
     * @param string $quarter the present one
     */
    public function __construct(
        public array $mine,
        public array $others,
        public array $daily,
        public array $checklists,
        public array $outputs,
        public array $shared,
        public string $quarter,
    ) {
    }
}
