<?php

declare(strict_types=1);

namespace App\Actions\Day;

use App\Models\Absence;
use App\Models\Appointment;
use App\Models\Person;
use App\Models\ProtectedHours;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Weekday;
use Loftrin\Core\Day\HoursKind;
use Loftrin\Core\Day\ProtectedHours as Hours;

/** Time of a person that is taken or kept: appointments, days away, protected hours. */
final readonly class TakeTime
{
    /** An absence is at most so many days long. */
    private const DAYS = 366;

    public function __construct(private ChangeLog $log)
    {
    }

    public function appoint(Person $who, ?Appointment $appointment, string $title, Day $on, string $at, int $minutes): void
    {
        $fields = ['title' => $title, 'on' => $on, 'at' => $at, 'minutes' => $minutes];
        $this->log->change(
            $who,
            ($appointment === null ? 'Added ' : 'Changed ')."“{$title}”",
            static fn() => $appointment === null
                ? Appointment::query()->create([...$fields, 'person_id' => $who->id])
                : $appointment->update($fields),
        );
    }

    public function free(Person $who, Appointment $appointment): void
    {
        $this->log->change($who, "Deleted “{$appointment->title}”", static fn() => $appointment->delete());
    }

    /**
     * Keeps hours of weekdays for work, or for meetings.
     *
     * @param list<Weekday> $weekdays
     *
     * @throws RefusedChange when they end before they begin, or are kept already
     */
    public function protect(Person $who, array $weekdays, string $from, string $until, HoursKind $kind): void
    {
        $this->log->change($who, "Keeps $from to $until for $kind->value", static function () use (
            $who,
            $weekdays,
            $from,
            $until,
            $kind,
        ): void {
            foreach ($weekdays as $weekday) {
                $hours = RefusedChange::unless('until', static fn(): Hours => new Hours($weekday, $from, $until, $kind));
                $of = ['person_id' => $who->id, 'weekday' => $weekday->label(), 'from' => $hours->from, 'kind' => $kind];

                if (ProtectedHours::query()->where($of)->exists()) {
                    throw new RefusedChange('from', "Hours from $from are kept already on {$weekday->name}.");
                }

                ProtectedHours::query()->create([...$of, 'until' => $hours->until]);
            }
        });
    }

    public function release(Person $who, ProtectedHours $hours): void
    {
        $this->log->change($who, "Released $hours->from to $hours->until", static fn() => $hours->delete());
    }

    /** @throws RefusedChange when it ends before it begins, or lasts for more than a year */
    public function leave(Person $who, Day $first, Day $last): void
    {
        match (true) {
            $last->isBefore($first) => throw new RefusedChange('last', 'The last day is before the first.'),
            $last->number - $first->number >= self::DAYS => throw new RefusedChange('last', 'An absence can last up to a year.'),
            default => $this->log->change(
                $who,
                "Away from $first to $last",
                static fn() => Absence::query()->create(['person_id' => $who->id, 'first_on' => $first, 'last_on' => $last]),
            ),
        };
    }

    public function comeBack(Person $who, Absence $absence): void
    {
        $this->log->change($who, "Deleted the absence from {$absence->first_on}", static fn() => $absence->delete());
    }
}
