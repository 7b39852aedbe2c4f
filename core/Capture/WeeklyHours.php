<?php

declare(strict_types=1);

namespace Loftrin\Core\Capture;

/** A main effort as it is typed: "Visit harbours, 6 h a week". */
final readonly class WeeklyHours
{
    /** A week has no more for one thing; what says more is left as it was typed. */
    public const MOST = 80.0;

    private const PATTERN = '/^(?<title>.+?)[\s,;:(–-]+(?<hours>\d{1,2}(?:[.,]\d)?) ?(?:h|hrs?|hours?)(?: ?(?<minutes>[0-5]\d)(?: ?min)?)?'.
        ' ?(?:an?|per|each|every|\/) ?(?:week|wk)\)?\.?$/iu';

    /**
     * @param string $title without the hours
     * @param ?float $hours a week, to one decimal
     */
    private function __construct(public string $title, public ?float $hours)
    {
    }

    public static function in(string $typed): self
    {
        if (preg_match(self::PATTERN, trim($typed), $found) !== 1) {
            return new self($typed, null);
        }

        $title = trim($found['title'], " \t,;:(–-");
        $hours = round((float) strtr($found['hours'], ',', '.') + (int) ($found['minutes'] ?? 0) / 60, 1);

        return $title === '' || $hours <= 0 || $hours > self::MOST ? new self($typed, null) : new self($title, $hours);
    }
}
