<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Relations\CanStart;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\ProjectState;

/** Which tasks are open, and which of those somebody could start on. */
trait FindsOpen
{
    /**
     * Neither done, nor dropped, nor on the shelf.
     *
     * @param Builder<self> $query
     */
    protected function scopeOpen(Builder $query): void
    {
        $query->whereNull('done_on')->whereNull('dropped_on')->whereNull('shelved_on');
    }

    /**
     * Open, and on the lists of people: neither put aside itself nor in a project that was.
     *
     * @param Builder<self> $query
     */
    protected function scopeOnLists(Builder $query): void
    {
        $query->open()->whereDoesntHave('project', static fn(Builder $project) => $project->whereIn('state', ProjectState::ASIDE));
    }

    /**
     * What somebody could start on. Rules: computation 9.
     *
     * @param Builder<self> $query
     */
    protected function scopeCanStart(Builder $query, Day $on): void
    {
        $query->whereRaw((new CanStart($on))->now());
    }

    /**
     * What depends on tasks that are not finished.
     *
     * @param Builder<self> $query
     */
    protected function scopeDepending(Builder $query, Day $on): void
    {
        $query->whereRaw('exists ('.(new CanStart($on))->dependsOn('1').')');
    }
}
