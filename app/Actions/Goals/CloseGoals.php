<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Models\Goal;
use App\Models\Person;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Goals\Lineage;

/** Closes the goals of a period in one pass: all of them, or none. */
final readonly class CloseGoals
{
    public function __construct(private ChangeLog $log, private CloseGoal $close)
    {
    }

    /**
     * @param string $period in words
     * @param array<int, Goal> $goals by id
     * @param array<int, ClosingDraft> $drafts by goal
     *
     * @throws RefusedChange naming the goal that cannot be closed so
     */
    public function __invoke(Person $who, string $period, array $goals, array $drafts): void
    {
        // A goal comes before those beneath it, so that what carries them on can hang on what carries it on.
        uasort($goals, fn(Goal $a, Goal $b): int => $this->depth($a, $goals) <=> $this->depth($b, $goals));
        $count = count($goals) === 1 ? '1 goal' : count($goals).' goals';

        $this->log->change($who, "Closed $count of $period", function () use ($who, $goals, $drafts): void {
            $successors = [];

            foreach ($goals as $id => $goal) {
                $goal->refresh();

                // It may have gone with the goal above it.
                if ($goal->closed_on !== null) {
                    continue;
                }

                try {
                    $next = ($this->close)($who, $goal, $drafts[$id], $successors, array_keys($drafts));
                } catch (RefusedChange $refused) {
                    throw new RefusedChange("goals.$id.{$refused->field}", "“{$goal->title}”: {$refused->getMessage()}");
                }

                if ($next !== []) {
                    $successors[$id] = $next[0];
                }
            }
        });
    }

    /** @param array<int, Goal> $goals */
    private function depth(Goal $goal, array $goals): int
    {
        $above = static fn(Goal $at): ?Goal => $goals[$at->parent_id ?? 0] ?? null;

        return count(Lineage::upFrom($above($goal), $above, static fn(Goal $at): int => $at->id));
    }
}
