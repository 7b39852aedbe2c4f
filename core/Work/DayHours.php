<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

/** The hours of a person's day, in minutes: there, taken by meetings, planned with tasks. Rules: computation 10. */
final readonly class DayHours
{
    /** What a task without an estimate takes. */
    private const USUAL_MINUTES = 30;

    public function __construct(public int $available, public int $taken, public int $planned)
    {
    }

    /** What an open task still takes: its minutes × the part of it that is not done. */
    public static function left(?int $minutes, int $stepsDone, int $steps): int
    {
        $minutes ??= self::USUAL_MINUTES;

        return $steps === 0 ? $minutes : (int) round(($minutes * ($steps - $stepsDone)) / $steps);
    }

    /** What is neither taken nor planned; below 0 when there is more than fits. */
    public function free(): int
    {
        return $this->available - $this->taken - $this->planned;
    }
}
