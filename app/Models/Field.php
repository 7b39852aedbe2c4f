<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A field that a team keeps of its projects besides those that all have.
 *
 * @property string $name
 * @property FieldKind $kind
 * @property ?list<string> $choices of a choice
 */
final class Field extends Record
{
    protected $table = 'fields';

    protected function casts(): array
    {
        return ['kind' => FieldKind::class, 'choices' => 'array'];
    }
}
