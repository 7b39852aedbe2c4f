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

    /** @var array<string, Day> those read so far, by date: many columns hold the same, and a day never changes */
    private static array $days = [];

    public function get(Model $model, string $key, mixed $value, array $attributes): ?Day
    {
        return self::read($value);
    }

    /** The day that is stored. */
    public static function read(mixed $stored): ?Day
    {
        return is_string($stored) ? (self::$days[$stored] ??= Day::of(substr($stored, 0, 10))) : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value === null ? null : (string) Day::of((string) $value);
    }
}
