<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A responsibility one holds for good.
 *
 * @property string $name
 */
final class Area extends Record
{
}
