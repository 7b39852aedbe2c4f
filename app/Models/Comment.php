<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Loftrin\Core\Calendar\Day;

/**
 * What somebody said of a goal, a task, a project or an issue.
 *
 * @property int $person_id
 * @property Day $on
 * @property string $words
 * @property-read Person $person
 */
final class Comment extends Record
{
    use OfGoalOrWork;
    use StampsItsTask;

    protected $table = 'comments';

    protected function casts(): array
    {
        return ['on' => AsDay::class];
    }
}
