<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Models\Following;
use App\Models\Goal;
use App\Models\Person;
use App\Store\ChangeLog;

/** Says whether a person hears of what happens to a goal. Its owner always does. */
final readonly class Follow
{
    public function __construct(private ChangeLog $log)
    {
    }

    public function start(Person $who, Goal $goal): void
    {
        $this->log->change(
            $who,
            "Followed “{$goal->title}”",
            static fn() => Following::query()->firstOrCreate(['goal_id' => $goal->id, 'person_id' => $who->id]),
        );
    }

    public function stop(Person $who, Goal $goal): void
    {
        $this->log->change(
            $who,
            "Stopped following “{$goal->title}”",
            static fn() => Following::query()->where('goal_id', $goal->id)->where('person_id', $who->id)->first()?->delete(),
        );
    }
}
