<?php

declare(strict_types=1);

namespace Loftrin\Core\Reviews;

/**
 * Figures within a text that stay up to date until it is sent: "{goal 12: 40 harbours}" is where that goal stands, whatever is said
 * after its number; "{done}" how many tasks were done, "{hours}" the hours of these. Anything else in braces is text.
 */
final readonly class LiveFigures
{
    private const PATTERN = '/\{(?:goal (\d{1,9})(?::[^{}\n]*)?|(done|hours))\}/u';

    /** What stands for a goal's figure in a text. */
    public static function goal(int $id, string $title): string
    {
        return "{goal $id: ".trim((string) preg_replace('/[{}\s]+/u', ' ', $title)).'}';
    }

    /** @return list<int> ids of the goals whose figures are in a text, each once */
    public static function goals(string $text): array
    {
        preg_match_all(self::PATTERN, $text, $found);

        return array_values(array_unique(array_map(intval(...), array_filter($found[1], static fn(string $id): bool => $id !== ''))));
    }

    /**
     * The text with its figures in it.
     *
     * @param callable(int): string $goal where a goal stands, by its id
     * @param string $done how many tasks were done
     * @param string $hours how long they took
     */
    public static function fill(string $text, callable $goal, string $done, string $hours): string
    {
        return (string) preg_replace_callback(
            self::PATTERN,
            static fn(array $found): string => match ($found[2] ?? '') {
                'done' => $done,
                'hours' => $hours,
                default => $goal((int) $found[1]),
            },
            $text,
        );
    }
}
