<?php

declare(strict_types=1);

namespace App\Actions\Meetings;

use App\Actions\Projects\ProjectRules;
use App\Models\Decision;
use App\Models\Goal;
use App\Models\Person;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;

/** A decision that was made outside of a meeting: everybody reads it in the register. */
final readonly class RecordDecision
{
    public function __construct(private ChangeLog $log)
    {
    }

    /** @throws RefusedChange when it is for a goal or a project that not all may see */
    public function __invoke(Person $who, string $words, ?string $because, Day $on, ?int $goal, ?int $project): Decision
    {
        if ($goal !== null && Goal::query()->openToAll()->whereKey($goal)->doesntExist()) {
            throw new RefusedChange('goal', 'A decision can only be linked to a goal visible to everyone.');
        }

        ProjectRules::refuseUnnamable($who, $project);

        return $this->log->change(
            $who,
            "Decided: {$words}",
            static fn(): Decision => Decision::query()->create([
                'words' => $words,
                'because' => $because,
                'decided_on' => $on,
                'person_id' => $who->id,
                'goal_id' => $goal,
                'project_id' => $project,
            ]),
        );
    }

    /** @throws RefusedChange when it was made in a meeting: its minutes say it */
    public function remove(Person $who, Decision $decision): void
    {
        if ($decision->agenda_item_id !== null) {
            throw new RefusedChange('decision', 'This was decided in a meeting and is part of its minutes.');
        }

        $this->log->change($who, "Deleted the decision “{$decision->words}”", static fn() => $decision->delete());
    }
}
