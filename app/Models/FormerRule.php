<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Meetings\TimetableRule;

/**
 * The rule that a series had until the day before another one began.
 *
 * @property int $series_id
 * @property Day $until
 * @property string $rule
 * @property Day $starts_on
 * @property string $time
 * @property int $minutes
 */
final class FormerRule extends Record
{
    protected $table = 'former_rules';

    public function rule(): TimetableRule
    {
        return new TimetableRule($this->rule, $this->starts_on, $this->time, $this->minutes, $this->until);
    }

    protected function casts(): array
    {
        return ['until' => AsDay::class, 'starts_on' => AsDay::class];
    }
}
