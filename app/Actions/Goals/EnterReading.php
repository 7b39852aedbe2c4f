<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Reading;
use App\Models\Workspace;
use App\Queries\Goals\CoreRecords;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Decimal;
use Loftrin\Core\Goals\PastedReadings;
use Loftrin\Core\Goals\Reading as CoreReading;

final readonly class EnterReading
{
    public function __construct(private ChangeLog $log, private Workspace $workspace, private NotifyFollowers $notifyFollowers)
    {
    }

    /**
     * @param string $value a decimal
     *
     * @throws RefusedChange when the goal is not judged by readings, or the day is still to come
     */
    public function __invoke(Person $who, Goal $goal, Day $on, string $value): void
    {
        $this->refuse($goal, $on);

        $this->log->change($who, "Entered $value for “{$goal->title}”", function () use ($who, $goal, $on, $value): void {
            $this->enter($who, $goal, $on, $value);
            ($this->notifyFollowers)($who, $goal, "entered $value");
        });
    }

    /**
     * A column out of a spreadsheet: one change, all of it or none.
     *
     * @param Day $last of lines that carry no day of their own, the day of the last; a week lies between two
     *
     * @throws RefusedChange when a line cannot be read or is dated in the future
     */
    public function paste(Person $who, Goal $goal, string $text, Day $last): void
    {
        $readings = RefusedChange::unless('text', static fn(): array => PastedReadings::in($text, $last));
        $count = count($readings) === 1 ? '1 reading' : count($readings).' readings';

        $this->log->change($who, "Entered $count for “{$goal->title}”", function () use ($who, $goal, $readings, $count): void {
            foreach ($readings as $reading) {
                $this->refuse($goal, $reading->on, 'text');
                $this->enter($who, $goal, $reading->on, self::decimal($reading));
            }

            ($this->notifyFollowers)($who, $goal, "entered $count");
        });
    }

    /** @throws RefusedChange when the day is still to come */
    public function correct(Person $who, Reading $reading, Day $on, string $value): void
    {
        $goal = $reading->goal;
        $this->refuse($goal, $on);

        $this->log->change($who, "Changed the reading of {$reading->on}", function () use ($who, $goal, $reading, $on, $value): void {
            $before = CoreRecords::exact($reading->value)->rounded();
            $reading->update(['on' => $on, 'value' => $value]);
            ($this->notifyFollowers)($who, $goal, "corrected a reading from $before to $value");
        });
    }

    public function remove(Person $who, Reading $reading): void
    {
        $this->log->change($who, "Deleted the reading of {$reading->on}", static fn() => $reading->delete());
    }

    private function refuse(Goal $goal, Day $on, string $field = 'on'): void
    {
        match (true) {
            ! $goal->measure->takesReadings() => throw new RefusedChange(
                $field === 'on' ? 'value' : $field,
                'This goal is not measured by readings.',
            ),
            $on->isAfter($this->workspace->today()) => throw new RefusedChange($field, "A reading cannot be dated in the future: $on."),
            default => null,
        };
    }

    private function enter(Person $who, Goal $goal, Day $on, string $value): void
    {
        Reading::query()->create(['goal_id' => $goal->id, 'on' => $on, 'value' => $value, 'entered_by' => $who->id]);
    }

    private static function decimal(CoreReading $reading): string
    {
        return Decimal::of($reading->value->rounded());
    }
}
