<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeZone;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Meetings\Timetable;
use Loftrin\Core\Meetings\TimetableRule;

/**
 * When the meetings of a series come round.
 *
 * @property string $rule
 * @property Day $starts_on
 * @property string $time HH:MM on the wall of its zone
 * @property int $minutes
 * @property ?string $timezone null for the workspace's
 * @property-read Collection<int, FormerRule> $formerRules
 * @property-read Collection<int, MeetingException> $exceptions
 */
trait HasTimetable
{
    /** What is loaded of several series whose days are asked for. */
    public const DAYS = ['exceptions', 'formerRules'];

    /** @return HasMany<FormerRule, $this> */
    public function formerRules(): HasMany
    {
        return $this->hasMany(FormerRule::class)->orderBy('until');
    }

    /** @return HasMany<MeetingException, $this> */
    public function exceptions(): HasMany
    {
        return $this->hasMany(MeetingException::class)->orderBy('on');
    }

    /** As it is read in the workspace's zone. */
    public function timetable(): Timetable
    {
        $here = new DateTimeZone(app(Workspace::class)->timezone);
        $former = $this->loadMissing('formerRules')->formerRules->map(static fn(FormerRule $former): TimetableRule => $former->rule());

        return new Timetable(
            [...array_values($former->all()), new TimetableRule($this->rule, $this->starts_on, $this->time, $this->minutes)],
            $this->timezone === null ? $here : new DateTimeZone($this->timezone),
            $here,
        );
    }
}
