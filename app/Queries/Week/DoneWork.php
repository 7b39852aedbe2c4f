<?php

declare(strict_types=1);

namespace App\Queries\Week;

use App\Models\Person;
use App\Models\Task;
use App\Queries\Goals\CoreRecords;
use App\Queries\Goals\StoredPlan;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Work\Ledger;

/** What a person got done in a span. */
final readonly class DoneWork
{
    /** @return Builder<Task> */
    public static function in(Span $span, Person $person): Builder
    {
        return Task::query()
            ->where('owner_id', $person->id)
            ->whereBetween('done_on', [(string) $span->first, (string) $span->last]);
    }

    /** @param Collection<int, Task> $tasks done in the span */
    public static function ledger(Span $span, Collection $tasks, StoredPlan $stored): Ledger
    {
        return Ledger::of(
            $span,
            $tasks->loadMissing(['stage', 'steps', 'dependencies'])->map(CoreRecords::task(...)),
            $stored->plan->projects,
            CoreRecords::recurringTasks(),
            $stored->visible(),
        );
    }
}
