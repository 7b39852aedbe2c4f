<?php

declare(strict_types=1);

namespace App\Actions\Undo;

use App\Models\Person;
use App\Store\ChangeKind;
use App\Store\ChangeLog;
use App\Store\MadeChange;
use App\Store\RefusedChange;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;
use Spatie\Activitylog\Models\Activity;

/**
 * Takes back everything that one change wrote. It is a change like any other: it needs the rights of today, keeps the same
 * rules, and touches neither what others have changed or added since nor what is final.
 */
final readonly class UndoChange
{
    public function __construct(private ChangeLog $log, private RevertEntries $entries)
    {
    }

    /**
     * @throws ModelNotFoundException when the person made no such change
     * @throws RefusedChange saying what stands in the way: then nothing is taken back
     */
    public function __invoke(Person $who, string $batch): void
    {
        $change = MadeChange::of($who, $batch) ?? throw (new ModelNotFoundException())->setModel(Activity::class, [$batch]);

        if ($change->isTakenBack) {
            throw new RefusedChange('undo', 'This has already been undone.');
        }

        $this->revert($who, $change);
    }

    /**
     * Several changes, the last one first: all of them or none. Those that were taken back already, and what took them back, are left out.
     *
     * @param list<string> $batches in the order in which they were made
     *
     * @throws ModelNotFoundException when the person did not make one of them
     * @throws RefusedChange saying what stands in the way
     */
    public function all(Person $who, array $batches): void
    {
        DB::transaction(function () use ($who, $batches): void {
            foreach (array_reverse($batches) as $batch) {
                $change = MadeChange::of($who, $batch) ?? throw (new ModelNotFoundException())->setModel(Activity::class, [$batch]);

                if (! $change->isTakenBack && $change->kind === ChangeKind::Change) {
                    $this->revert($who, $change);
                }
            }
        });
    }

    /**
     * One step back, from what the person changed last.
     *
     * @throws RefusedChange when there is none, or something stands in the way
     */
    public function last(Person $who): void
    {
        $this->revert($who, MadeChange::lastOf($who) ?? throw new RefusedChange('undo', 'There is nothing to undo.'));
    }

    /**
     * One step forth: what was undone last is done again.
     *
     * @throws RefusedChange when there is none, or something stands in the way
     */
    public function again(Person $who): void
    {
        $this->revert($who, MadeChange::lastUndoneOf($who) ?? throw new RefusedChange('undo', 'There is nothing to redo.'));
    }

    private function revert(Person $who, MadeChange $change): void
    {
        $entries = Activity::query()->where('batch_uuid', $change->batch)->orderByDesc('id')->get();
        $this->log->change($who, $change->reverseWords(), fn() => ($this->entries)($who, $entries), $change);
    }
}
