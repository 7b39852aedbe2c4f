<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Models\Goal;
use App\Models\Person;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Horizon;

/** Says on which long-term goal a year goal hangs, and in which quarters it is worked on. */
final readonly class PlaceGoal
{
    public function __construct(private ChangeLog $log)
    {
    }

    /**
     * @param list<int> $quarters 1 to 4; none says nothing
     *
     * @throws RefusedChange when it is no year goal
     */
    public function __invoke(Person $who, Goal $goal, ?int $longTermGoal, array $quarters): void
    {
        if ($goal->horizon !== Horizon::Year) {
            throw new RefusedChange('quarters', 'Only year goals can be assigned to quarters');
        }

        $this->log->change(
            $who,
            "Changed the quarters of “{$goal->title}”",
            static fn() => $goal->update(['long_term_goal_id' => $longTermGoal, ...self::columns($quarters)]),
        );
    }

    /**
     * @param list<int> $quarters
     *
     * @return array{quarters: ?list<int>} in order, null when nothing is said
     */
    public static function columns(array $quarters): array
    {
        sort($quarters);

        return ['quarters' => $quarters === [] ? null : $quarters];
    }
}
