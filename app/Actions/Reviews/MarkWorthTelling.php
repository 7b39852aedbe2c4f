<?php

declare(strict_types=1);

namespace App\Actions\Reviews;

use App\Models\Answer;
use App\Models\LogLine;
use App\Models\Person;
use App\Models\Task;
use App\Store\ChangeLog;
use App\Store\RefusedChange;

/** Marks a finished task, or a line of one's own, as worth telling, or takes the mark off. */
final readonly class MarkWorthTelling
{
    public function __construct(private ChangeLog $log)
    {
    }

    /**
     * @param Answer|LogLine|Task $line a task, or a line of the person themselves
     *
     * @throws RefusedChange when the task is not done
     */
    public function __invoke(Person $who, Answer|LogLine|Task $line, bool $isWorth): void
    {
        $words = $isWorth ? 'Marked as worth telling' : 'No longer marked as worth telling';

        $this->log->change($who, $line instanceof Task ? "$words: “{$line->title}”" : $words, static function () use (
            $line,
            $isWorth,
        ): void {
            $line->refresh();

            if ($isWorth && $line instanceof Task && $line->done_on === null) {
                throw new RefusedChange('task', 'This task is not done yet. Tick it first.');
            }

            $line->update(['is_worth_telling' => $isWorth]);
        });
    }
}
