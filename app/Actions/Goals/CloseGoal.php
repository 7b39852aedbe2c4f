<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Rest;
use App\Models\Workspace;
use App\Queries\Goals\GoalChanges;
use App\Store\ChangeLog;
use App\Store\RefusedChange;

/** Says what became of a goal, as of today, and what becomes of the rest of it. */
final readonly class CloseGoal
{
    public function __construct(
        private ChangeLog $log,
        private Workspace $workspace,
        private CarryOn $carryOn,
        private SettleRest $settleRest,
        private NotifyFollowers $notifyFollowers,
    ) {
    }

    /** The part of a change under which all that closing a goal does is logged, so that reopening finds it. */
    public static function part(int $goal): string
    {
        return "closing of goal $goal";
    }

    /** The goal whose closing a part of a change is; null of any other. */
    public static function goalOf(string $part): ?int
    {
        return sscanf($part, 'closing of goal %d', $goal) === 1 ? (int) $goal : null;
    }

    /**
     * @param array<int, Goal> $successors of goals closed in the same pass, by what they carry on
     * @param list<int> $apart goals beneath it that have an answer of their own in the same pass
     *
     * @return list<Goal> those that carry it on
     *
     * @throws RefusedChange when it is closed already, or cannot go on as was said
     */
    public function __invoke(Person $who, Goal $goal, ClosingDraft $draft, array $successors = [], array $apart = []): array
    {
        return $this->log->change(
            $who,
            "Closed “{$goal->title}”",
            fn(): array => $this->log->part(self::part($goal->id), function () use ($who, $goal, $draft, $successors, $apart): array {
                if ($goal->closed_on !== null) {
                    throw new RefusedChange('result', "This goal was closed on {$goal->closed_on}. Reopen it first.");
                }

                if ($draft->returnOn !== null && ! $draft->returnOn->isAfter($this->workspace->today())) {
                    throw new RefusedChange('returnOn', 'Choose a return date in the future, or leave it empty.');
                }

                $figures = ClosingFigures::of($this->workspace, $goal);
                $next = $draft->goesOn() ? ($this->carryOn)($who, $goal, $figures, $draft, $successors, $apart) : [];
                $goal->update($figures->closing($goal, $draft));

                if ($draft->rest === Rest::Shelved || $draft->rest === Rest::Dropped) {
                    ($this->settleRest)($who, $goal, $figures, $draft, $apart);
                }

                ($this->notifyFollowers)(
                    $who,
                    $goal,
                    'closed it as '.GoalChanges::result($draft->result).($draft->line === null ? '' : ". {$draft->line}"),
                );

                return $next;
            }),
        );
    }
}
