<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A group whose people attend the meetings of a series, whoever they are.
 *
 * @property int $series_id
 * @property int $group_id
 */
final class AttendingGroup extends Record
{
    protected $table = 'attending_groups';
}
