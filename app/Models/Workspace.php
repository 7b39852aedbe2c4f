<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Carbon\CarbonInterface;
use DateTimeZone;
use Illuminate\Support\Carbon;
use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Weekday;

/**
 * The one organisation of this installation, with its calendar and its clock.
 *
 * @property string $name
 * @property string $timezone
 * @property string $week_starts_on
 * @property int $year_starts_in
 * @property list<string> $working_days
 * @property list<string> $holidays
 * @property ?int $active_limit of active projects a person, to warn at
 * @property string $asks_owners_on the weekday from which owners are asked about their goals, "thursday"
 * @property ?string $purpose why we do this, in a few sentences
 * @property ?Day $begun_on the last day that was begun: recurring tasks moved on, letters sent
 */
final class Workspace extends Record
{
    protected $table = 'workspaces';

    private ?Calendar $calendar = null;

    private ?Day $today = null;

    /** The workspace as it stands, or a plain one while none was set up. */
    public static function current(): self
    {
        return self::query()->first() ??
            new self([
                'name' => 'Loftrin',
                'timezone' => 'UTC',
                'week_starts_on' => Weekday::Monday->label(),
                'year_starts_in' => 1,
                'working_days' => ['monday', 'tuesday', 'wednesday', 'thursday', 'friday'],
                'holidays' => [],
                'purpose' => null,
                'active_limit' => null,
                'asks_owners_on' => 'thursday',
                'begun_on' => null,
            ]);
    }

    public function calendar(): Calendar
    {
        return $this->calendar ??= new Calendar(
            Weekday::tryNamed($this->week_starts_on) ?? Weekday::Monday,
            $this->year_starts_in,
            array_values(array_filter(array_map(Weekday::tryNamed(...), $this->working_days))),
            array_map(Day::of(...), $this->holidays),
        );
    }

    /** The time on the wall, in the workspace's zone. */
    public function now(): Carbon
    {
        // A clock that was set gives its own zone, whatever it is asked for.
        return Carbon::now()->setTimezone(new DateTimeZone($this->timezone));
    }

    /** The day that it is there: the same for all that one request asks and does. */
    public function today(): Day
    {
        return $this->today ??= Day::of($this->now()->format('Y-m-d'));
    }

    /** Names the five minutes that it is in: what is shown of what has passed is true for so long. */
    public function aboutNow(): string
    {
        return $this->now()->format('H').intdiv($this->now()->minute, 5);
    }

    /** Into which period what is open of one would go on: the next that is not over. */
    public function upcoming(string $period): Period
    {
        return $this->calendar()->upcoming($this->calendar()->period($period), $this->today());
    }

    /** A moment kept in UTC, as the wall clock showed it: HH:MM. */
    public function wallTime(Carbon $moment): string
    {
        return $moment->copy()->setTimezone($this->timezone)->format('H:i');
    }

    /** The day on which a moment kept in UTC was, in the workspace's zone. */
    public function wallDay(CarbonInterface $moment): Day
    {
        return Day::of($moment->copy()->setTimezone($this->timezone)->format('Y-m-d'));
    }

    protected function casts(): array
    {
        return [
            'working_days' => 'array',
            'holidays' => 'array',
            'begun_on' => AsDay::class,
        ];
    }
}
