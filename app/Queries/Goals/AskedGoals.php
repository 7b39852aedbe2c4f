<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Estimate;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Goals\Answers\AskedGoal;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Weekday;
use Loftrin\Core\Goals\MeasureKind;

/** The goals of the quarter whose owners are asked once a week how likely they are. */
final readonly class AskedGoals
{
    public function __construct(private Workspace $workspace)
    {
    }

    /** @return Builder<Goal> of the quarter that holds the week, open at its end */
    public function open(Period $week): Builder
    {
        return Goal::query()
            ->where('period', $this->workspace->calendar()->quarterOf($week->anchor())->name)
            ->where(static fn(Builder $open) => $open->whereNull('closed_on')->orWhere('closed_on', '>', (string) $week->span->last));
    }

    /** @return Builder<Goal> those that their owner has said nothing of since the week began; what is judged in words has no chance */
    public function unsaid(Person $owner, Period $week): Builder
    {
        return $this->open($week)
            ->where('owner_id', $owner->id)
            ->where('measure', '<>', MeasureKind::Judged)
            ->whereNotIn(
                'id',
                Estimate::query()->where('person_id', $owner->id)->where('on', '>=', (string) $week->span->first)->select('goal_id'),
            );
    }

    /** @return list<AskedGoal> with what was said last */
    public function of(Person $owner, Period $week): array
    {
        $goals = $this->unsaid($owner, $week)->whereNull('closed_on')->orderBy('id')->get();
        $last = Estimate::query()
            ->where('person_id', $owner->id)
            ->whereIn('goal_id', $goals->modelKeys())
            ->orderBy('on')
            ->orderBy('id')
            ->get()
            ->keyBy('goal_id');

        return array_values(
            $goals
                ->map(static function (Goal $goal) use ($last): AskedGoal {
                    $said = $last->get($goal->id);

                    return new AskedGoal($goal->id, $goal->title, $said?->chance, $said?->line, $said?->on);
                })
                ->all(),
        );
    }

    /** Whether it is asked by today: from the weekday on that the leads chose. */
    public function isDue(Period $week): bool
    {
        $today = $this->workspace->today();
        $asked = Weekday::tryNamed($this->workspace->asks_owners_on) ?? Weekday::Thursday;

        for ($day = $week->span->first; ! $day->isAfter($today) && ! $day->isAfter($week->span->last); $day = $day->plus(1)) {
            if ($day->weekday() === $asked) {
                return true;
            }
        }

        return false;
    }
}
