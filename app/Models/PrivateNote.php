<?php

declare(strict_types=1);

namespace App\Models;

/**
 * What somebody noted for themselves on an agenda item: nobody else's to see, and in no minutes.
 *
 * @property int $agenda_item_id
 * @property int $person_id
 * @property string $words
 */
final class PrivateNote extends Record
{
    protected $table = 'private_notes';
}
