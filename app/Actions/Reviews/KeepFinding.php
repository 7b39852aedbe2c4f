<?php

declare(strict_types=1);

namespace App\Actions\Reviews;

use App\Models\Answer;
use App\Models\EveningAnswer;
use App\Models\Finding;
use App\Models\LogLine;
use App\Models\Person;
use App\Store\ChangeLog;
use Loftrin\Core\Reviews\FindingLevel;

/** Marks a line as worth coming back to, so that it goes up to the next review, or no further. */
final readonly class KeepFinding
{
    public function __construct(private ChangeLog $log)
    {
    }

    /**
     * @param Answer|LogLine|EveningAnswer $line of the person themselves
     * @param ?FindingLevel $level null when it is no finding any more
     */
    public function __invoke(Person $who, Answer|LogLine|EveningAnswer $line, ?FindingLevel $level): void
    {
        $column = match (true) {
            $line instanceof Answer => 'answer_id',
            $line instanceof LogLine => 'log_line_id',
            $line instanceof EveningAnswer => 'evening_answer_id',
        };
        $words = $level === null ? 'Unmarked a finding' : "Kept a finding for the $level->value";

        $this->log->change($who, $words, static function () use ($who, $line, $level, $column): void {
            $finding = Finding::query()->where($column, $line->id)->first();

            if ($level === null) {
                $finding?->delete();
            } else {
                ($finding ?? new Finding(['person_id' => $who->id, $column => $line->id]))->fill(['level' => $level])->save();
            }
        });
    }
}
