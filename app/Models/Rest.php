<?php

declare(strict_types=1);

namespace App\Models;

/** What became of the rest of a goal when it was closed: an answer of its own, which never changes the result. */
enum Rest: string
{
    case Carried = 'carried';
    case Split = 'split';
    case Shelved = 'shelved';
    case Dropped = 'dropped';
}
