<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A person who helps with a task or a project.
 *
 * @property int $person_id
 * @property-read Person $person
 */
final class Helping extends Record
{
    use OfTaskOrProject;

    protected $table = 'helpings';
}
