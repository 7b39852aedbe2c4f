<?php

declare(strict_types=1);

namespace App\Models;

/** Who may see a record. */
enum Visibility: string
{
    case Everyone = 'everyone';
    case Chosen = 'chosen';
    case OnlyMe = 'only_me';
}
