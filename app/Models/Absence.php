<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;

/**
 * Days on which a person is away: habits rest.
 *
 * @property int $person_id
 * @property Day $first_on
 * @property Day $last_on
 */
final class Absence extends Record
{
    protected $table = 'absences';

    public function span(): Span
    {
        return new Span($this->first_on, $this->last_on);
    }

    protected function casts(): array
    {
        return ['first_on' => AsDay::class, 'last_on' => AsDay::class];
    }
}
