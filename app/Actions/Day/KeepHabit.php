<?php

declare(strict_types=1);

namespace App\Actions\Day;

use App\Models\Goal;
use App\Models\Habit;
use App\Models\HabitTick;
use App\Models\Person;
use App\Models\Reading;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Illuminate\Support\Facades\Gate;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Goals\MeasureKind;

/** A person's habits, and how often each was done. One that is linked to a number goal keeps its readings. */
final readonly class KeepHabit
{
    public function __construct(private ChangeLog $log, private Workspace $workspace)
    {
    }

    /** @throws RefusedChange when the goal is not one that a habit can keep */
    public function save(Person $who, ?Habit $habit, HabitDraft $draft): void
    {
        $this->refuseGoal($who, $draft->goal);
        $fields = [
            'title' => $draft->title,
            'per' => $draft->per,
            'times' => $draft->times,
            'weekdays' => $draft->weekdays,
            'goal_id' => $draft->goal,
        ];

        $this->log->change(
            $who,
            ($habit === null ? 'Added ' : 'Changed ')."“{$draft->title}”",
            fn() => $habit === null
                ? Habit::query()->create([...$fields, 'person_id' => $who->id, 'began_on' => $this->workspace->today()])
                : $habit->update($fields),
        );
    }

    /** From now on it is not asked for; what was done stays. */
    public function end(Person $who, Habit $habit): void
    {
        $this->log->change($who, "Ended “{$habit->title}”", fn() => $habit->update(['ended_on' => $this->workspace->today()]));
    }

    /**
     * @param int $count how often it was done on the day; 0 for not at all
     *
     * @throws RefusedChange of a day to come
     */
    public function tick(Person $who, Habit $habit, Day $on, int $count): void
    {
        if ($on->isAfter($this->workspace->today())) {
            throw new RefusedChange('on', 'This day is still to come.');
        }

        $this->log->change($who, ($count === 0 ? 'Unticked ' : 'Ticked ')."“{$habit->title}”", function () use (
            $who,
            $habit,
            $on,
            $count,
        ): void {
            $tick = HabitTick::query()->where('habit_id', $habit->id)->where('on', (string) $on)->first();

            match (true) {
                $count === 0 => $tick?->delete(),
                $tick === null => HabitTick::query()->create(['habit_id' => $habit->id, 'on' => $on, 'count' => $count]),
                default => $tick->update(['count' => $count]),
            };

            // One that is done earlier than it was entered began then.
            if ($on->isBefore($habit->began_on)) {
                $habit->update(['began_on' => $on]);
            }

            $this->keepReadings($who, $habit, $on);
        });
    }

    /** From the day on: how often it was done since the goal began, one reading for each day on which it was. */
    private function keepReadings(Person $who, Habit $habit, Day $from): void
    {
        $goal = $habit->goal_id === null ? null : Goal::query()->find($habit->goal_id);

        if ($goal === null || $goal->closed_on !== null) {
            return;
        }

        $ticks = HabitTick::query()
            ->where('habit_id', $habit->id)
            ->whereBetween('on', [(string) $goal->starts_on, (string) $goal->ends_on])
            ->orderBy('on')
            ->get();
        $readings = Reading::query()->where('habit_id', $habit->id)->where('on', '>=', (string) $from)->get();
        $sum = 0;
        $kept = [];

        foreach ($ticks as $tick) {
            $sum += $tick->count;

            if ($tick->on->isBefore($from)) {
                continue;
            }

            $reading = $readings->first(static fn(Reading $reading): bool => $reading->on->number === $tick->on->number);
            $kept[] = ($reading ?? new Reading(['habit_id' => $habit->id, 'on' => $tick->on, 'entered_by' => $who->id]))->fill([
                'goal_id' => $goal->id,
                'value' => (string) $sum,
            ]);
        }

        $days = array_map(static fn(Reading $reading): int => $reading->on->number, $kept);
        $readings->reject(static fn(Reading $reading): bool => in_array($reading->on->number, $days, true))->each->delete();
        array_map(static fn(Reading $reading): bool => $reading->save(), $kept);
    }

    private function refuseGoal(Person $who, ?int $id): void
    {
        if ($id === null) {
            return;
        }

        $goal = Goal::query()->find($id);

        match (true) {
            $goal === null, Gate::forUser($who)->denies('view', $goal) => throw new RefusedChange('goal', 'This goal no longer exists.'),
            Gate::forUser($who)->denies('update', $goal) => throw new RefusedChange(
                'goal',
                'Only a goal of your own can be kept by a habit.',
            ),
            $goal->measure !== MeasureKind::Number => throw new RefusedChange(
                'goal',
                'Only a goal that is measured by a number can be kept by a habit.',
            ),
            default => null,
        };
    }
}
