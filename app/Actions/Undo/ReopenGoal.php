<?php

declare(strict_types=1);

namespace App\Actions\Undo;

use App\Actions\Goals\CloseGoal;
use App\Actions\Goals\NotifyFollowers;
use App\Models\Goal;
use App\Models\Person;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Illuminate\Support\Collection;
use Spatie\Activitylog\Models\Activity;

/**
 * Opens a closed goal again and takes back all that closing it did: what carries it on, and the work that was shelved or
 * dropped with it. Otherwise both would run on and count twice.
 */
final readonly class ReopenGoal
{
    public function __construct(private ChangeLog $log, private RevertEntries $revert, private NotifyFollowers $notifyFollowers)
    {
    }

    /** @throws RefusedChange saying what of it cannot be taken back and why: then it stays closed */
    public function __invoke(Person $who, Goal $goal): void
    {
        $this->log->change($who, "Reopened “{$goal->title}”", function () use ($who, $goal): void {
            if ($goal->closed_on === null) {
                throw new RefusedChange('goal', 'This goal is already open.');
            }

            $done = $this->done($goal);
            $goal->update([
                'closed_on' => null,
                'result' => null,
                'rest' => null,
                'score' => null,
                'computed' => null,
                'computed_from' => null,
                'closing_line' => null,
                'shelved_on' => null,
                'return_on' => null,
            ]);

            try {
                ($this->revert)($who, $done);
            } catch (RefusedChange $reason) {
                throw new RefusedChange('goal', "“{$goal->title}” cannot be reopened as it was. {$reason->getMessage()}");
            }

            $this->refuseCountedTwice($goal);
            ($this->notifyFollowers)($who, $goal, 'reopened it');
        });
    }

    /** @return Collection<int, Activity> what its last closing wrote besides itself, the last first */
    private function done(Goal $goal): Collection
    {
        $part = Activity::query()->where('log_name', CloseGoal::part($goal->id));
        $batch = $part
            ->clone()
            ->where('subject_type', $goal->getMorphClass())
            ->where('subject_id', $goal->id)
            ->orderByDesc('id')
            ->value('batch_uuid');

        return $part
            ->where('batch_uuid', $batch)
            ->orderByDesc('id')
            ->get()
            ->reject(
                static fn(Activity $entry): bool => $entry->subject_type === $goal->getMorphClass() &&
                    (int) $entry->subject_id === $goal->id,
            )
            ->values();
    }

    /** Of a closing that is in no log, what carries the goal on is still there. */
    private function refuseCountedTwice(Goal $goal): void
    {
        $next = $goal->successors()->whereNull('closed_on')->first();

        if ($next !== null) {
            throw new RefusedChange(
                'goal',
                "“{$next->title}” continues it in {$next->period}, and both would count. Drop that one first.",
            );
        }
    }
}
