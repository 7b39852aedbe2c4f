<?php

declare(strict_types=1);

namespace Loftrin\Core\Calendar;

use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;
use Generator;
use InvalidArgumentException;
use Sabre\VObject\Recur\RRuleIterator;

/**
 * The occurrences of an RFC 5545 RRULE at a wall-clock time, which stays so across daylight-saving changes.
 *
 * Expanded in UTC: a floating time has no zone in which it could be missing. Rules: computation 12.
 */
final readonly class Recurrence
{
    /** A rule that finds nothing in so many tries has no further occurrence. */
    private const MAX_TRIES = 5000;

    /** Days of a leap year: within so many every day that a rule names comes round. */
    private const YEAR = 366;

    /** Within so many days of its first day a rule that is taken comes round for the first time. */
    private const FIRST_WITHIN = 731;

    /** @throws InvalidArgumentException when the rule is none that is taken */
    public function __construct(private string $rule, private Day $startsOn)
    {
        $fault = RecurrenceRule::fault($rule);

        if ($fault !== null) {
            throw new InvalidArgumentException("$rule cannot be used: $fault.");
        }
    }

    /** Null of a rule that is there and cannot be worked out: it can be shown as such, changed and deleted. */
    public static function tryOf(string $rule, Day $startsOn): ?self
    {
        return RecurrenceRule::fault($rule) === null ? new self($rule, $startsOn) : null;
    }

    /**
     * A rule that is newly given: it has to come round soon.
     *
     * @throws InvalidArgumentException when it is none that is taken, or its first day is more than two years away
     */
    public static function starting(string $rule, Day $startsOn): self
    {
        $recurrence = new self($rule, $startsOn);

        foreach ($recurrence->each(new Span($startsOn, $startsOn->plus(self::FIRST_WITHIN))) as $first) {
            return $recurrence;
        }

        throw new InvalidArgumentException('The first date would be more than two years away. Choose another rule or start date.');
    }

    /**
     * The occurrences in the span, in order. The first day counts only if the rule meets it.
     *
     * @return list<Day>
     */
    public function within(Span $span): array
    {
        return iterator_to_array($this->each($span), false);
    }

    /**
     * The same one by one: no more are looked for than are taken.
     *
     * @return Generator<int, Day>
     */
    public function each(Span $span): Generator
    {
        $iterator = new RRuleIterator($this->rule, self::utc((string) $this->countedFrom($span->first)));
        $iterator->fastForward(self::utc((string) $span->first));

        for ($try = 0; $iterator->valid() && $try < self::MAX_TRIES; $iterator->next(), $try++) {
            $at = $iterator->current();

            if (! ($at instanceof DateTimeInterface)) {
                break;
            }

            $day = Day::of($at->format('Y-m-d'));

            if ($day->isAfter($span->last)) {
                break;
            }

            if ($this->isInMonths($day) && $this->meets($day)) {
                yield $day;
            }
        }
    }

    /**
     * From where one may as well begin to count: a rule that turns in days or weeks gives the same days from whole
     * rounds later, at least one of them before what is asked for.
     */
    private function countedFrom(Day $first): Day
    {
        if (preg_match('/^(?!.*\bCOUNT=).*\bFREQ=(DAILY|WEEKLY)\b/', $this->rule, $frequency) !== 1) {
            return $this->startsOn;
        }

        $every = preg_match('/\bINTERVAL=(\d+)/', $this->rule, $interval) === 1 ? max(1, (int) $interval[1]) : 1;
        $round = $every * ($frequency[1] === 'WEEKLY' ? 7 : 1);
        $rounds = intdiv($first->number - $this->startsOn->number, $round) - 1;

        return $this->startsOn->plus(max(0, $rounds) * $round);
    }

    /** The first occurrence on or after the day, looked for a year ahead; null when there is none. */
    public function nextFrom(Day $day): ?Day
    {
        foreach ($this->each(new Span($day, $day->plus(self::YEAR))) as $first) {
            return $first;
        }

        return null;
    }

    /**
     * The iterator always gives the start as the first occurrence, whether or not the rule meets it. Which
     * days a rule names does not depend on where its counting begins: it is asked without that, from earlier on.
     */
    private function meets(Day $day): bool
    {
        if ($day->number !== $this->startsOn->number || preg_match('/BY(DAY|MONTHDAY|YEARDAY|WEEKNO|SETPOS)=/', $this->rule) !== 1) {
            return true;
        }

        $named = (string) preg_replace('/;?(INTERVAL|COUNT|UNTIL)=[^;]*/', '', $this->rule);
        $iterator = new RRuleIterator(ltrim($named, ';'), self::utc((string) $day->plus(-self::YEAR)));
        $iterator->fastForward(self::utc((string) $day));
        $first = $iterator->current();

        return $first instanceof DateTimeInterface && $first->format('Y-m-d') === (string) $day;
    }

    /** The iterator looks at the month in which it starts even where the rule names others. */
    private function isInMonths(Day $day): bool
    {
        return preg_match('/BYMONTH=([\d,]+)/', $this->rule, $months) !== 1 ||
            in_array((string) $day->month(), explode(',', $months[1]), true);
    }

    private static function utc(string $date): DateTimeImmutable
    {
        return new DateTimeImmutable($date, new DateTimeZone('UTC'));
    }
}
