<?php

declare(strict_types=1);

namespace App\Models;

/**
 * What is said of a period: a year's motto, a quarter's line, a week's focus.
 *
 * @property string $period
 * @property string $words
 * @property ?string $why
 */
final class PeriodWords extends Record
{
    protected $table = 'period_words';

    /** What is said of the period of that name, or null. */
    public static function wordsOf(string $period): ?string
    {
        return self::query()->firstWhere('period', $period)?->words;
    }
}
