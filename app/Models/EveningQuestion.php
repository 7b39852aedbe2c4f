<?php

declare(strict_types=1);

namespace App\Models;

use Loftrin\Core\Day\EveningQuestion as Question;

/**
 * A question out of a person's own bank: nobody else's to see.
 *
 * @property int $person_id
 * @property string $words
 * @property bool $is_score whether it is answered by a number from 1 to 5
 * @property bool $is_asked
 */
final class EveningQuestion extends Record
{
    protected $table = 'evening_questions';

    /** @return list<Question> the bank of a person: their own, or the usual ones */
    public static function of(Person $person): array
    {
        $own = self::query()->where('person_id', $person->id)->orderBy('id')->get();

        return $own->isEmpty()
            ? Question::usual()
            : array_values($own->map(static fn(self $own): Question => new Question($own->words, $own->is_score, $own->is_asked))->all());
    }

    protected function casts(): array
    {
        return ['is_score' => 'boolean', 'is_asked' => 'boolean'];
    }
}
