<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Goal;
use App\Models\MainEffort;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Parts\Answers\Option;
use Illuminate\Database\Eloquent\Builder;

/** The main efforts that a task, or what comes back, can be work on. */
final readonly class MainEffortChoices
{
    public function __construct(private Workspace $workspace)
    {
    }

    /** @return Builder<MainEffort> those of goals that the person may see */
    public static function visibleTo(Person $viewer): Builder
    {
        return MainEffort::query()->whereIn('goal_id', Goal::query()->visibleTo($viewer)->select('id'));
    }

    /**
     * @param ?int $chosen that stays among them
     *
     * @return list<Option> those of open goals whose period is now
     */
    public function of(Person $viewer, ?int $chosen): array
    {
        $today = (string) $this->workspace->today();
        $now = Goal::query()->whereNull('closed_on')->where('starts_on', '<=', $today)->where('ends_on', '>=', $today);

        return array_values(
            self::visibleTo($viewer)
                ->where(static fn(Builder $either) => $either->whereKey($chosen)->orWhereIn('goal_id', $now->select('id')))
                ->orderBy('id')
                ->get()
                ->map(static fn(MainEffort $effort): Option => new Option((string) $effort->id, $effort->title))
                ->all(),
        );
    }
}
