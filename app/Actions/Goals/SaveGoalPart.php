<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Models\Assumption;
use App\Models\Goal;
use App\Models\MainEffort;
use App\Models\Person;
use App\Models\Task;
use App\Models\TradeOff;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;

/** What carries a goal, what it rests on, and what is left undone for it: main efforts, assumptions, trade-offs. */
final readonly class SaveGoalPart
{
    public function __construct(private ChangeLog $log, private Workspace $workspace)
    {
    }

    /** @throws RefusedChange when the goal is closed */
    public function add(Person $who, Goal $goal, MainEffort|Assumption|TradeOff $part): void
    {
        $this->log->change($who, "Added “{$part->title}”", static function () use ($goal, $part): void {
            self::refuseClosed($goal);
            $part->fill(['goal_id' => $goal->id])->save();
        });
    }

    /**
     * @param array<string, mixed> $fields by column
     *
     * @throws RefusedChange when the goal is closed
     */
    public function change(Person $who, MainEffort|Assumption|TradeOff $part, array $fields): void
    {
        $this->log->change($who, "Changed “{$part->title}”", static function () use ($part, $fields): void {
            self::refuseClosed($part->goal);
            $part->update($fields);
        });
    }

    /** Says what was seen of an assumption: that ends it. Nothing said takes it back to be tested. */
    public function see(Person $who, Assumption $assumption, ?string $seen): void
    {
        $this->log->change(
            $who,
            ($seen === null ? 'To be tested again:' : 'Tested')." “{$assumption->title}”",
            fn() => $assumption->update(['seen' => $seen, 'seen_on' => $seen === null ? null : $this->workspace->today()]),
        );
    }

    /** The tasks of a main effort stay, and belong to none. */
    public function remove(Person $who, MainEffort|Assumption|TradeOff $part): void
    {
        $this->log->change($who, "Deleted “{$part->title}”", static function () use ($part): void {
            if ($part instanceof MainEffort) {
                Task::query()
                    ->where('main_effort_id', $part->id)
                    ->get()
                    ->each(static fn(Task $task): bool => $task->update(['main_effort_id' => null]));
            }

            $part->delete();
        });
    }

    private static function refuseClosed(Goal $goal): void
    {
        if ($goal->closed_on !== null) {
            throw new RefusedChange('title', "“{$goal->title}” is closed. Reopen it first.");
        }
    }
}
