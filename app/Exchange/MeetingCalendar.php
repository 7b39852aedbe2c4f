<?php

declare(strict_types=1);

namespace App\Exchange;

use DateTimeImmutable;
use DateTimeZone;
use Loftrin\Core\Calendar\Day;
use Sabre\VObject\Component\VCalendar;

/** A meeting as iCalendar (RFC 5545): one time, in the zone of the workspace. */
final readonly class MeetingCalendar
{
    /**
     * @param string $uid the same whenever the same meeting is written
     * @param string $time HH:MM on the wall clock
     */
    public static function of(
        string $uid,
        string $title,
        ?string $purpose,
        Day $on,
        string $time,
        int $minutes,
        string $timezone,
        DateTimeImmutable $written,
    ): string {
        $begins = new DateTimeImmutable("$on $time", new DateTimeZone($timezone));
        $calendar = new VCalendar(['PRODID' => '-//Loftrin//Meetings//EN']);
        $calendar->add('VEVENT', [
            'UID' => $uid,
            'DTSTAMP' => $written->setTimezone(new DateTimeZone('UTC')),
            // In UTC: whoever reads it needs no description of the zone.
            'DTSTART' => $begins->setTimezone(new DateTimeZone('UTC')),
            'DTEND' => $begins->modify("+$minutes minutes")->setTimezone(new DateTimeZone('UTC')),
            'SUMMARY' => $title,
            ...$purpose === null ? [] : ['DESCRIPTION' => $purpose],
        ]);

        return $calendar->serialize();
    }
}
