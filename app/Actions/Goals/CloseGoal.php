<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Goals\GoalChanges;
use App\Queries\Goals\StoredPlans;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Goals\Figure;
use Loftrin\Core\Goals\Result;

final readonly class CloseGoal
{
    public function __construct(
        private ChangeLog $log,
        private Workspace $workspace,
        private StoredPlans $plans,
        private CarryOn $carryOn,
        private LetWorkGo $letWorkGo,
        private Tell $tell,
    ) {
    }

    /**
     * Says what became of the goal, as of today, and what becomes of what it leaves unfinished.
     *
     * @param array<int, Goal> $successors of goals closed in the same pass, by what they carry on
     *
     * @return list<Goal> those that carry it on
     *
     * @throws RefusedChange when it is closed already, or cannot go on as was said
     */
    public function __invoke(Person $who, Goal $goal, ClosingDraft $draft, array $successors = []): array
    {
        if ($goal->closed_on !== null) {
            throw new RefusedChange('result', "It was closed on {$goal->closed_on}. Reopen it first.");
        }

        $figure = $this->figure($goal);

        return $this->log->change($who, "Closed “{$goal->title}”", function () use ($who, $goal, $draft, $figure, $successors): array {
            $goesOn = $draft->then === WhatThen::Carry || $draft->then === WhatThen::Split;
            $next = $goesOn ? ($this->carryOn)($who, $goal, $figure, $draft->titles, $successors) : [];
            $goal->update([
                'closed_on' => $this->workspace->today(),
                'result' => $draft->result,
                'score' => $draft->score ?? ($goesOn && $draft->result !== Result::Met ? CarryOn::kept($figure) : null),
                'closing_line' => $draft->line,
                'shelved_on' => $draft->then === WhatThen::Shelve ? $this->workspace->today() : null,
                'look_again_on' => $draft->then === WhatThen::Shelve ? $draft->lookAgainOn : null,
            ]);

            if ($draft->then === WhatThen::Shelve || $draft->then === WhatThen::Drop) {
                ($this->letWorkGo)($who, $goal, $draft->then === WhatThen::Shelve, $draft->lookAgainOn);
            }

            ($this->tell)($who, $goal, 'closed it: '.GoalChanges::result($draft->result).($draft->line === null ? '' : ". {$draft->line}"));

            return $next;
        });
    }

    public function reopen(Person $who, Goal $goal): void
    {
        $this->log->change($who, "Reopened “{$goal->title}”", function () use ($who, $goal): void {
            $goal->update(['closed_on' => null, 'result' => null, 'score' => null, 'closing_line' => null, 'shelved_on' => null, 'look_again_on' => null]);
            ($this->tell)($who, $goal, 'reopened it');
        });
    }

    private function figure(Goal $goal): Figure
    {
        $stored = $this->plans->holding($this->workspace->calendar()->period($goal->period), null);
        $stored->prepare([$this->workspace->today()]);

        return $stored->figure($goal, $this->workspace->today());
    }
}
