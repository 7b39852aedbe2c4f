<?php

declare(strict_types=1);

namespace App\Models;

/**
 * One task that waits for another.
 *
 * @property int $task_id
 * @property int $after_id
 */
final class Dependency extends Record
{
    use StampsItsTask;

    protected $table = 'dependencies';
}
