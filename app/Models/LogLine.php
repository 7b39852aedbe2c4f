<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Day\LogTag;

/**
 * A line of a person's day: nobody else's to see.
 *
 * @property int $person_id
 * @property Day $on
 * @property string $at HH:MM on the wall clock
 * @property string $words
 * @property ?LogTag $tag
 * @property bool $is_worth_telling
 */
final class LogLine extends Record
{
    protected $table = 'log_lines';

    protected function casts(): array
    {
        return ['on' => AsDay::class, 'tag' => LogTag::class, 'is_worth_telling' => 'boolean'];
    }
}
