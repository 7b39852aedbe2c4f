<?php

declare(strict_types=1);

namespace Loftrin\Core\PlanFile;

use DateTimeZone;
use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Weekday;
use Loftrin\Core\Fraction;

/** Reads the workspace of a plan file: its time zone and its calendar. */
final readonly class WorkspaceReader
{
    private const WORKING_DAYS = [Weekday::Monday, Weekday::Tuesday, Weekday::Wednesday, Weekday::Thursday, Weekday::Friday];

    /** @return array{DateTimeZone, Calendar} */
    public function read(?Record $workspace): array
    {
        if ($workspace === null) {
            return [new DateTimeZone('UTC'), new Calendar()];
        }

        $workspace->text('name');

        return [$this->timezone($workspace), $this->calendar($workspace)];
    }

    private function timezone(Record $workspace): DateTimeZone
    {
        $name = $workspace->text('timezone') ?? 'UTC';

        if ($name !== 'UTC' && ! in_array($name, DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), true)) {
            $workspace->fault("timezone $name is unknown");
            $name = 'UTC';
        }

        return new DateTimeZone($name);
    }

    private function calendar(Record $workspace): Calendar
    {
        $starts = $workspace->text('week_starts_on') ?? 'monday';
        $month = $workspace->number('year_starts_in') ?? Fraction::one();
        $months = array_filter(range(1, 12), static fn(int $number): bool => $month->equals(Fraction::of($number)));

        if ($months === []) {
            $workspace->fault('year_starts_in must be a month from 1 to 12');
        }

        return new Calendar(
            $this->weekday($workspace, 'week_starts_on', $starts) ?? Weekday::Monday,
            $months === [] ? 1 : min($months),
            $workspace->has('working_days') ? $this->weekdays($workspace) : self::WORKING_DAYS,
            $this->holidays($workspace),
        );
    }

    /** @return list<Weekday> */
    private function weekdays(Record $workspace): array
    {
        if ($workspace->items('working_days') === []) {
            $workspace->fault('working_days must name a weekday at least');
        }

        return array_values(
            array_filter(
                array_map(
                    fn(string $name): ?Weekday => $this->weekday($workspace, 'working_days', $name),
                    $workspace->texts('working_days'),
                ),
            ),
        );
    }

    private function weekday(Record $workspace, string $field, string $name): ?Weekday
    {
        return Weekday::tryNamed($name) ?? $workspace->fault("$field $name is no weekday");
    }

    /** @return list<Day> */
    private function holidays(Record $workspace): array
    {
        return array_values(
            array_filter(
                array_map(
                    static fn(string $date): ?Day => Day::tryOf($date) ?? $workspace->fault("holidays $date is not a date"),
                    $workspace->texts('holidays'),
                ),
            ),
        );
    }
}
