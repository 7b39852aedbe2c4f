<?php

declare(strict_types=1);

namespace Loftrin\Core\Meetings;

use DateTimeImmutable;
use DateTimeZone;
use Generator;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Recurrence;
use Loftrin\Core\Calendar\Span;

/**
 * When meetings come round: by one rule until a day, then by the next. In another zone they stay at their time on the wall
 * there; where it is read they can be at another time, and on the day before or after. Rules: computation 12.
 */
final readonly class Timetable
{
    /** @param non-empty-list<TimetableRule> $rules one after the other; all but the last end */
    public function __construct(private array $rules, private DateTimeZone $keptIn, private DateTimeZone $readIn)
    {
    }

    /**
     * Those whose day, where it is read, lies in the span: one by one, in the order of time. A rule that cannot be worked out
     * has none.
     *
     * @return Generator<int, TimetableMeeting>
     */
    public function each(Span $span): Generator
    {
        foreach ($this->rules as $rule) {
            foreach ($this->days($rule, $span) as $day) {
                $meeting = $this->asRead($rule, $day);

                if ($span->holds($meeting->on)) {
                    yield $meeting;
                }
            }
        }
    }

    /** The rule that holds on the day. */
    public function ruleOn(Day $day): TimetableRule
    {
        foreach ($this->rules as $rule) {
            if ($rule->until?->isBefore($day) !== true) {
                return $rule;
            }
        }

        return $this->rules[count($this->rules) - 1];
    }

    /** The meeting that a rule has on the day, in the zone of the rule; null where it has none. */
    public function at(Day $by): ?TimetableMeeting
    {
        foreach ($this->each(new Span($by->plus(-1), $by->plus(1))) as $meeting) {
            if ($meeting->by->number === $by->number) {
                return $meeting;
            }
        }

        return null;
    }

    /** @return iterable<Day> */
    private function days(TimetableRule $rule, Span $span): iterable
    {
        $reach = $this->isElsewhere() ? 1 : 0;
        $first = $span->first->plus(-$reach);
        $last = $span->last->plus($reach);
        $last = $rule->until?->isBefore($last) === true ? $rule->until : $last;

        return $last->isBefore($first) ? [] : Recurrence::tryOf($rule->rule, $rule->startsOn)?->each(new Span($first, $last)) ?? [];
    }

    private function asRead(TimetableRule $rule, Day $day): TimetableMeeting
    {
        if (! $this->isElsewhere()) {
            return new TimetableMeeting($day, $rule->time, $rule->minutes, $day);
        }

        $read = (new DateTimeImmutable("$day $rule->time", $this->keptIn))->setTimezone($this->readIn);

        return new TimetableMeeting(Day::of($read->format('Y-m-d')), $read->format('H:i'), $rule->minutes, $day);
    }

    private function isElsewhere(): bool
    {
        return $this->keptIn->getName() !== $this->readIn->getName();
    }
}
