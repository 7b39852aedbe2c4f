<?php

declare(strict_types=1);

namespace App\Actions\Direction;

use App\Models\Person;
use App\Models\Resolve;
use App\Models\ResolveKind;
use App\Models\Task;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\PlanningSpan;

/** What a stretch's planning resolves: drivers, trials, skills, what we give up. */
final readonly class SaveResolve
{
    public function __construct(private ChangeLog $log, private Workspace $workspace)
    {
    }

    public function add(Person $who, PlanningSpan $stretch, ResolveKind $kind, string $title, ?int $owner): void
    {
        $this->log->change(
            $who,
            "Added “{$title}”",
            static fn() => Resolve::query()->create([
                'stretch' => $stretch->name,
                'starts_on' => $stretch->span->first,
                'ends_on' => $stretch->span->last,
                'kind' => $kind,
                'title' => $title,
                'owner_id' => $owner ?? $who->id,
            ]),
        );
    }

    /**
     * Ends it before its time, or after: a trial with what was learned, which is never "not met".
     *
     * @throws RefusedChange when a trial is ended without it
     */
    public function end(Person $who, Resolve $resolve, ?string $learned): void
    {
        if ($resolve->kind === ResolveKind::Trial && $learned === null) {
            throw new RefusedChange('learned', 'Say what you saw first. One sentence is enough.');
        }

        $this->log->change(
            $who,
            "Ended “{$resolve->title}”",
            fn() => $resolve->update(['ended_on' => $this->workspace->today(), 'learned' => $learned]),
        );
    }

    public function remove(Person $who, Resolve $resolve): void
    {
        $this->log->change($who, "Deleted “{$resolve->title}”", static function () use ($resolve): void {
            Task::query()
                ->where('driver_id', $resolve->id)
                ->get()
                ->each(static fn(Task $task): bool => $task->update(['driver_id' => null]));
            $resolve->delete();
        });
    }
}
