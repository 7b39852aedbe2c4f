<?php

declare(strict_types=1);

namespace App\Models;

/**
 * An address that a task or a project refers to.
 *
 * @property int $person_id who added it
 * @property string $title
 * @property string $address
 * @property-read Person $person
 */
final class Reference extends Record
{
    use OfTaskOrProject;

    protected $table = 'references';
}
