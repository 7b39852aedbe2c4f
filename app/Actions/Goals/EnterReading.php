<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Reading;
use App\Models\Workspace;
use App\Queries\Plan\CoreRecords;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use InvalidArgumentException;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Decimal;
use Loftrin\Core\Goals\DateOrder;
use Loftrin\Core\Goals\PastedReadings;
use Loftrin\Core\Goals\Reading as CoreReading;
use Loftrin\Core\Goals\UnclearDates;

final readonly class EnterReading
{
    public function __construct(private ChangeLog $log, private Workspace $workspace, private NotifyFollowers $notifyFollowers)
    {
    }

    /**
     * @param string $value a decimal
     * @param bool $isSure whether a day long before the goal is meant
     *
     * @throws RefusedChange when the goal is not judged by readings, or the day is still to come, or long before the goal
     */
    public function __invoke(Person $who, Goal $goal, Day $on, string $value, bool $isSure): void
    {
        $this->refuse($goal, $on);
        self::refuseLongBefore($goal, [$on], $isSure);

        $this->log->change($who, "Entered $value for “{$goal->title}”", function () use ($who, $goal, $on, $value): void {
            $this->enter($who, $goal, $on, $value);
            ($this->notifyFollowers)($who, $goal, "entered $value");
        });
    }

    /**
     * A column out of a spreadsheet: one change, all of it or none. What is there already is not entered again.
     *
     * @param Day $last of lines that carry no day of their own, the day of the last; a week lies between two
     * @param ?DateOrder $order of dates like "3/4/2027", where it had to be asked
     * @param bool $isSure whether days long before the goal are meant
     *
     * @throws RefusedChange when lines cannot be read, are dated in the future or long before the goal, or are all there already
     */
    public function paste(Person $who, Goal $goal, string $text, Day $last, ?DateOrder $order, bool $isSure): void
    {
        $readings = self::read($text, $last, $order);

        foreach ($readings as $reading) {
            $this->refuse($goal, $reading->on, 'text');
        }

        self::refuseLongBefore($goal, array_column($readings, 'on'), $isSure);
        $new = self::withoutKnown($goal, $readings);
        $known = count($readings) - count($new);
        $count = count($new) === 1 ? '1 reading' : count($new).' readings';
        $words = "Entered $count for “{$goal->title}”".($known === 0 ? '' : ", $known of ".count($readings).' were there already');

        $this->log->change($who, $words, function () use ($who, $goal, $new, $count): void {
            foreach ($new as $reading) {
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

    /**
     * @return non-empty-list<CoreReading>
     *
     * @throws RefusedChange
     */
    private static function read(string $text, Day $last, ?DateOrder $order): array
    {
        try {
            return PastedReadings::in($text, $last, $order);
        } catch (UnclearDates $unclear) {
            throw new RefusedChange('order', $unclear->getMessage());
        } catch (InvalidArgumentException $fault) {
            throw new RefusedChange('text', $fault->getMessage());
        }
    }

    /**
     * @param non-empty-list<CoreReading> $readings
     *
     * @return non-empty-list<CoreReading>
     *
     * @throws RefusedChange when none is left
     */
    private static function withoutKnown(Goal $goal, array $readings): array
    {
        $known = [];

        foreach ($goal->readings()->get() as $reading) {
            $known[$reading->on.' '.CoreRecords::exact($reading->value)->rounded()] = true;
        }

        $new = array_values(
            array_filter(
                $readings,
                static fn(CoreReading $each): bool => ! isset($known["$each->on {$each->value->rounded()}"]),
            ),
        );

        return $new !== []
            ? $new
            : throw new RefusedChange(
                'text',
                count($readings) === 1 ? 'This reading is there already.' : 'All '.count($readings).' readings are there already.',
            );
    }

    /**
     * @param list<Day> $days
     *
     * @throws RefusedChange of a day that is more likely a slip of the hand, unless it is said to be meant
     */
    private static function refuseLongBefore(Goal $goal, array $days, bool $isSure): void
    {
        foreach ($isSure ? [] : $days as $day) {
            $years = intdiv($goal->starts_on->number - $day->number, 365);

            if ($years >= 1) {
                $long = $years === 1 ? 'a year' : "$years years";

                throw new RefusedChange('sure', "{$day->format('j M Y')} is $long before this goal begins. Is that right?");
            }
        }
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
