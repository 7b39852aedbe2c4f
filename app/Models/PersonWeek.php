<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A person's own week in a line: nobody else's to see.
 *
 * @property int $person_id
 * @property string $week its name
 * @property string $words
 */
final class PersonWeek extends Record
{
    protected $table = 'person_weeks';

    public static function wordsOf(Person $person, string $week): ?string
    {
        return self::query()->where('person_id', $person->id)->where('week', $week)->first()?->words;
    }
}
