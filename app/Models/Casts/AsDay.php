<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Loftrin\Core\Calendar\Day;

/**
 * A date column as a calendar date of the core.
 *
 * @implements CastsAttributes<Day, Day|string>
 */
final class AsDay implements CastsAttributes
{
    /** A day never changes: kept as objects, all days of a record would be written back at each look at one of its columns. */
    public bool $withoutObjectCaching = true;

    public function get(Model $model, string $key, mixed $value, array $attributes): ?Day
    {
        return is_string($value) ? Day::of(substr($value, 0, 10)) : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value === null ? null : (string) Day::of((string) $value);
    }
}
