<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Actions\ChangeLog;
use App\Actions\RefusedChange;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Goals\GoalChanges;
use Loftrin\Core\Goals\Result;

final readonly class CloseGoal
{
    public function __construct(private ChangeLog $log, private Workspace $workspace, private Tell $tell)
    {
    }

    /**
     * Says what became of the goal, as of today.
     *
     * @param ?string $score 0 to 1, standing over what was computed
     *
     * @throws RefusedChange when it is closed already
     */
    public function __invoke(Person $who, Goal $goal, Result $result, ?string $score = null, ?string $line = null): void
    {
        if ($goal->closed_on !== null) {
            throw new RefusedChange('result', "It was closed on {$goal->closed_on}. Reopen it first.");
        }

        $this->log->change($who, "Closed “{$goal->title}”", function () use ($who, $goal, $result, $score, $line): void {
            $goal->update([
                'closed_on' => $this->workspace->today(),
                'result' => $result,
                'score' => $score,
                'closing_line' => $line,
            ]);
            ($this->tell)($who, $goal, 'closed it: '.GoalChanges::result($result).($line === null ? '' : ". $line"));
        });
    }

    public function reopen(Person $who, Goal $goal): void
    {
        $this->log->change($who, "Reopened “{$goal->title}”", function () use ($who, $goal): void {
            $goal->update(['closed_on' => null, 'result' => null, 'score' => null, 'closing_line' => null]);
            ($this->tell)($who, $goal, 'reopened it');
        });
    }
}
