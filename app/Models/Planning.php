<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Loftrin\Core\Calendar\Day;

/**
 * How far the planning of a stretch has come.
 *
 * @property string $stretch "2027", "2027-Q1", "2027-02", "2027-W06+2"
 * @property int $step
 * @property ?int $person_id who went through it last
 * @property ?Day $finished_on
 */
final class Planning extends Record
{
    protected $table = 'plannings';

    protected function casts(): array
    {
        return ['finished_on' => AsDay::class];
    }
}
