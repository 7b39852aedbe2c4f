<?php

declare(strict_types=1);

namespace App\Models;

/** What a field of one's own holds. */
enum FieldKind: string
{
    case Text = 'text';
    case Number = 'number';
    case Date = 'date';
    case Choice = 'choice';
}
