<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A file that was added to a task or a project.
 *
 * @property int $person_id who added it
 * @property string $name as it is shown
 * @property int $bytes
 * @property string $path in the store
 * @property-read Person $person
 */
final class File extends Record
{
    use OfTaskOrProject;

    protected $table = 'files';
}
