<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Loftrin\Core\Calendar\Day;

/**
 * What a person answered of an evening: nobody else's to see.
 *
 * @property int $person_id
 * @property Day $on
 * @property string $question in the words in which it was asked
 * @property ?string $words
 * @property ?int $score from 1 to 5
 */
final class EveningAnswer extends Record
{
    protected $table = 'evening_answers';

    protected function casts(): array
    {
        return ['on' => AsDay::class];
    }
}
