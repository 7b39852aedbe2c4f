<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Facades\Artisan;

/** A database as it was before a migration, beside the one of the tests. */
final class Older
{
    /** A database of its own with all migrations but those from a certain one on. */
    public static function upTo(string $last): void
    {
        config([
            'database.connections.older' => [
                'driver' => 'sqlite',
                'database' => ':memory:',
                'prefix' => '',
                'foreign_key_constraints' => true,
            ],
        ]);
        $paths = array_filter(
            glob(database_path('migrations/*.php')) ?: [],
            static fn(string $path): bool => strcmp(basename($path), $last) < 0,
        );
        Artisan::call('migrate', ['--database' => 'older', '--path' => array_values($paths), '--realpath' => true, '--force' => true]);
    }

    /** @param array<string, mixed> $time */
    public static function somebody(ConnectionInterface $old, array $time): int
    {
        return $old->table('people')->insertGetId([
            'name' => 'Mei',
            'initials' => 'MT',
            'email' => 'mei@saltglass.example',
            'password' => 'x',
            'role' => 'lead',
            'weekly_hours' => 40,
            ...$time,
        ]);
    }
}
