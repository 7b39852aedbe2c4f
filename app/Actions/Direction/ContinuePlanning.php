<?php

declare(strict_types=1);

namespace App\Actions\Direction;

use App\Actions\Goals\MainGoal;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Planning;
use App\Models\Workspace;
use App\Queries\Direction\PlanningStep;
use App\Store\ChangeLog;
use Loftrin\Core\Calendar\PlanningSpan;

/** Goes through the planning of a stretch, step by step. */
final readonly class ContinuePlanning
{
    public function __construct(private ChangeLog $log, private Workspace $workspace)
    {
    }

    /** Remembers where the pass stands, so that it can be taken up there. */
    public function to(Person $who, PlanningSpan $stretch, PlanningStep $step): void
    {
        $this->log->change(
            $who,
            "Continued planning {$stretch->name}",
            static fn() => Planning::query()
                ->firstOrNew(['stretch' => $stretch->name])
                ->fill(['step' => $step->place(), 'person_id' => $who->id])
                ->save(),
            isStep: false,
        );
    }

    public function finish(Person $who, PlanningSpan $stretch): void
    {
        $this->log->change(
            $who,
            "Finished planning {$stretch->name}",
            fn() => Planning::query()
                ->firstOrNew(['stretch' => $stretch->name])
                ->fill(['finished_on' => $this->workspace->today()])
                ->save(),
        );
    }

    /** Says whether a goal is the main one of its period, and whether it is first in line there. */
    public function mark(Person $who, Goal $goal, bool $isMain, bool $isFirst): void
    {
        $words = "Changed the priority of “{$goal->title}”";
        $this->log->change($who, $words, static function () use ($who, $goal, $isMain, $isFirst): void {
            if ($isMain && ! $goal->is_main) {
                MainGoal::becomes($who, $goal);
            }

            $goal->update(['is_main' => $isMain, 'is_first' => $isFirst]);
        });
    }
}
