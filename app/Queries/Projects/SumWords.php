<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Queries\Parts\ListedTask;
use App\Queries\Projects\Answers\RegisterRow;
use Loftrin\Core\Work\Weighing;

/** How the progress of a project adds up, in words. Rules: computation 2. */
final readonly class SumWords
{
    public static function of(Weighing $weighing, RegisterRow $row): string
    {
        $done = $row->tasks - $row->open;

        return match (true) {
            $row->tasks === 0 => 'Nothing to measure until there is a task.',
            $weighing === Weighing::Effort
                => "$done of $row->tasks tasks done, each counting by its estimated time; one without an estimate ".
                'counts as the median of the others.',
            default => "$done of $row->tasks tasks done, each counting the same; one with steps counts by the share of steps done.",
        };
    }

    /**
     * What makes the share another one than that of the tasks done; null where nothing does.
     *
     * @param list<ListedTask> $tasks those that count
     */
    public static function also(Weighing $weighing, array $tasks): ?string
    {
        $isBegun = static fn(ListedTask $task): bool => $task->done_on === null && $task->stepsDone > 0;

        return match (true) {
            $weighing === Weighing::Effort => 'by estimated time',
            array_filter($tasks, $isBegun) !== [] => 'with the steps done of open tasks',
            default => null,
        };
    }
}
