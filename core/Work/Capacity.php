<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

use Loftrin\Core\Fraction;

/**
 * What a person has planned for a day, a week or a longer stretch against the time that they have in it, in minutes. There is one such
 * figure, and every screen asks for it. Rules: computation 10.
 */
final readonly class Capacity
{
    /** What others see of a person's free time is rounded down to so many minutes. */
    private const SEEN_BY_OTHERS = 30;

    /** With more goals than this at once, none of them gets the focus that it needs. */
    private const MANY_GOALS = 5;

    /**
     * @param int $hours that one works
     * @param int $taken of them by meetings, appointments and busy time; what overlaps counts once
     * @param int $planned with open tasks
     * @param int $efforts meant for main efforts besides, and in none of their tasks yet
     */
    public function __construct(public int $hours, public int $taken = 0, public int $planned = 0, public int $efforts = 0)
    {
    }

    /** What an open task still takes: its minutes × the part of it that is not done. */
    public static function left(?int $minutes, int $stepsDone, int $steps): int
    {
        $minutes ??= Task::USUAL_MINUTES;

        return $steps === 0 ? $minutes : (int) round(($minutes * ($steps - $stepsDone)) / $steps);
    }

    /**
     * What a weekly number of hours comes to on one of the days that are worked, so that the days add up to the week.
     *
     * @param int $weekly hours
     * @param int $days how many days of a full week are worked
     * @param int $place of the day among them, from 0
     */
    public static function ofDay(int $weekly, int $days, int $place): int
    {
        $minutes = $weekly * 60;

        return intdiv($minutes, $days) + ($place < $minutes % $days ? 1 : 0);
    }

    /** What is left after meetings and appointments, not below 0. */
    public function available(): int
    {
        return max(0, $this->hours - $this->taken);
    }

    /** Below 0 when there is more than fits. */
    public function free(): int
    {
        return $this->available() - $this->planned - $this->efforts;
    }

    /** As others see it: what is private is in it, and does not show. */
    public function freeToOthers(): int
    {
        return self::SEEN_BY_OTHERS * (int) floor($this->free() / self::SEEN_BY_OTHERS);
    }

    /** Planned ÷ available; null with nothing available. */
    public function load(): ?Fraction
    {
        return $this->available() === 0 ? null : Fraction::of($this->planned + $this->efforts, $this->available());
    }

    /** Whether more is planned than fits; with nothing available, whether anything is. */
    public function isOver(): bool
    {
        return $this->free() < 0;
    }

    public static function areMany(int $goals): bool
    {
        return $goals > self::MANY_GOALS;
    }

    /** The two together, one after the other. */
    public function plus(self $other): self
    {
        return new self(
            $this->hours + $other->hours,
            $this->taken + $other->taken,
            $this->planned + $other->planned,
            $this->efforts + $other->efforts,
        );
    }

    /** The same with more planned in it. */
    public function with(int $planned, int $efforts = 0): self
    {
        return new self($this->hours, $this->taken, $this->planned + $planned, $this->efforts + $efforts);
    }
}
