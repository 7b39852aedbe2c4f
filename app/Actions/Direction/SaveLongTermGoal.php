<?php

declare(strict_types=1);

namespace App\Actions\Direction;

use App\Models\Goal;
use App\Models\LongTermGoal;
use App\Models\Person;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;

/** Where we want to be beyond this year: up to three, each with a date of its own. */
final readonly class SaveLongTermGoal
{
    private const MOST = 3;

    public function __construct(private ChangeLog $log, private Workspace $workspace)
    {
    }

    /** @throws RefusedChange when there are three already, or the date is not beyond this year */
    public function __invoke(Person $who, string $title, Day $on, ?string $why, ?LongTermGoal $longTermGoal = null): void
    {
        $year = $this->workspace->calendar()->yearOf($this->workspace->today());

        match (true) {
            $longTermGoal === null && LongTermGoal::query()->count() >= self::MOST => throw new RefusedChange(
                'title',
                'There can be three long-term goals. Edit or delete one first.',
            ),
            ! $on->isAfter($year->span->last) => throw new RefusedChange(
                'on',
                "A long-term goal must be dated after this year, which ends on {$year->span->last}.",
            ),
            default => null,
        };

        $this->log->change(
            $who,
            ($longTermGoal === null ? 'Added the long-term goal' : 'Changed the long-term goal')." “{$title}”",
            static function () use ($title, $on, $why, $longTermGoal): void {
                ($longTermGoal ?? new LongTermGoal())->fill(['title' => $title, 'on' => $on, 'why' => $why])->save();
            },
        );
    }

    /** Lets an long-term goal go. The goals that hung on it stay, and hang on none. */
    public function remove(Person $who, LongTermGoal $longTermGoal): void
    {
        $this->log->change($who, "Deleted the long-term goal “{$longTermGoal->title}”", static function () use ($longTermGoal): void {
            $longTermGoal->goals()->get()->each(static fn(Goal $goal): bool => $goal->update(['long_term_goal_id' => null]));
            $longTermGoal->delete();
        });
    }
}
