<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Loftrin\Core\Calendar\Day;

/**
 * Something to raise with a person at the next meeting that brings the two together. It is its writer's alone.
 *
 * @property int $person_id whose it is
 * @property int $about_id with whom it is to be raised
 * @property string $words
 * @property Day $noted_on
 * @property ?Day $done_on
 * @property-read Person $about
 */
final class Point extends Record
{
    protected $table = 'points';

    /** @return Relations\BelongsToPerson<$this> */
    public function about(): Relations\BelongsToPerson
    {
        return $this->belongsToPerson('about_id');
    }

    protected function casts(): array
    {
        return ['noted_on' => AsDay::class, 'done_on' => AsDay::class];
    }
}
