<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Work\ProjectState;
use Loftrin\Core\Work\StageOrder;

/** Which tasks somebody could start on now. Rules: computation 9. */
trait CanBeDoneNow
{
    /**
     * What somebody could start on now, of what is open: by the rules of computation 9, as Doable decides them.
     *
     * @param Builder<self> $query
     */
    protected function scopeDoableNow(Builder $query): void
    {
        $stage = static fn(string $task): string => "coalesce((select s.position from stages s where s.id = $task.stage_id), 0)";
        $earlier = "select 1 from tasks o where o.project_id = tasks.project_id
            and o.done_on is null and o.dropped_on is null and o.shelved_on is null and {$stage('o')} < {$stage('tasks')}";
        $itsTurn = static fn(Builder $project) => $project
            ->where('state', ProjectState::Active)
            ->where(static fn(Builder $turn) => $turn->where('order', StageOrder::Any)->orWhereRaw("not exists ($earlier)"));

        $query
            ->onLists()
            ->whereNull('waiting_on')
            ->whereDoesntHave('dependencies', static fn(Builder $link) => $link->unfinished())
            ->where(static fn(Builder $either) => $either->whereNull('project_id')->orWhereHas('project', $itsTurn));
    }
}
