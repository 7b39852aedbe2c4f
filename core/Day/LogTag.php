<?php

declare(strict_types=1);

namespace Loftrin\Core\Day;

/** What makes a line of the log worth finding again. */
enum LogTag: string
{
    case Finding = 'finding';
    case Decision = 'decision';
    case Idea = 'idea';

    /**
     * A line that begins with one of the words and a colon is tagged so: "Finding: the clamp holds".
     *
     * @return array{?self, string} the tag, and the line without it
     */
    public static function read(string $line): array
    {
        if (preg_match('/^\s*(finding|decision|idea)\s*:\s*(?=\S)/iu', $line, $said) !== 1) {
            return [null, $line];
        }

        return [self::from(mb_strtolower($said[1])), substr($line, strlen($said[0]))];
    }
}
