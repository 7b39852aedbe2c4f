<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Loftrin\Core\Calendar\Day;

/**
 * @property int    $person_id
 * @property string $words
 * @property Day    $jotted_on
 * @property ?Day   $sorted_on
 */
final class Jot extends Record
{
    protected function casts(): array
    {
        return [
            'jotted_on' => AsDay::class,
            'sorted_on' => AsDay::class,
        ];
    }
}
