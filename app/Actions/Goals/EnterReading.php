<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Actions\ChangeLog;
use App\Actions\RefusedChange;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Reading;
use App\Models\Workspace;
use Loftrin\Core\Calendar\Day;

final readonly class EnterReading
{
    public function __construct(private ChangeLog $log, private Workspace $workspace)
    {
    }

    /**
     * @param string $value a decimal
     *
     * @throws RefusedChange when the goal is not judged by readings, or the day is still to come
     */
    public function __invoke(Person $who, Goal $goal, Day $on, string $value): void
    {
        match (true) {
            ! $goal->measure->takesReadings() => throw new RefusedChange('value', 'This goal is not judged by readings.'),
            $on->isAfter($this->workspace->today()) => throw new RefusedChange('on', 'A reading cannot be dated in the future.'),
            default => null,
        };

        $this->log->change($who, "Entered $value for “{$goal->title}”", static fn() => Reading::query()->create([
            'goal_id' => $goal->id,
            'on' => $on,
            'value' => $value,
            'entered_by' => $who->id,
        ]));
    }

    public function remove(Person $who, Reading $reading): void
    {
        $this->log->change($who, "Removed the reading of {$reading->on}", static fn() => $reading->delete());
    }
}
