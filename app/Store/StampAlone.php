<?php

declare(strict_types=1);

namespace App\Store;

use PDO;
use Throwable;

/**
 * Answers the question that open pages ask every few seconds, in a meeting every second: in which state is all that is stored?
 * Starting the framework would take most of the time, so it is not started. Whoever asks shows a token that came with their page;
 * the name of a state says nothing but that something was changed. Where anything is missing the framework answers, by the session.
 */
final readonly class StampAlone
{
    private const DAY = 86_400;

    /** @return string what pages of today show to ask; good until the end of tomorrow (UTC) */
    public static function token(string $key, ?int $now = null): string
    {
        return hash_hmac('sha256', 'stamp of '.intdiv($now ?? time(), self::DAY), $key);
    }

    /**
     * @param array<array-key, mixed> $asked what stands in the address
     * @param string $configuration the file in which it is cached
     *
     * @return ?string JSON; null where the framework has to answer
     */
    public static function answer(array $asked, string $configuration): ?string
    {
        $token = $asked['token'] ?? null;

        if (! is_string($token) || ! is_file($configuration)) {
            return null;
        }

        try {
            $all = require $configuration;
            /** @var array{key: string} $app */
            /** @var array{default: string, connections: array<string, array<string, mixed>>} $database */
            ['app' => $app, 'database' => $database] = $all;
            $key = $app['key'];
            $isShown = in_array($token, [self::token($key), self::token($key, time() - self::DAY)], true);
            $name = $isShown ? self::stored($database['connections'][$database['default']]) : null;

            return is_string($name) ? json_encode(['stamp' => $name], JSON_THROW_ON_ERROR) : null;
        } catch (Throwable) {
            return null;
        }
    }

    /** @param array<string, mixed> $database */
    private static function stored(array $database): mixed
    {
        $given = array_map(static fn(mixed $value): string => is_scalar($value) ? (string) $value : '', $database);
        $pdo = $given['driver'] === 'sqlite'
            ? new PDO("sqlite:{$given['database']}", options: [PDO::SQLITE_ATTR_OPEN_FLAGS => PDO::SQLITE_OPEN_READONLY])
            : new PDO(
                "pgsql:host={$given['host']};port={$given['port']};dbname={$given['database']};sslmode={$given['sslmode']}",
                $given['username'],
                $given['password'],
            );

        $found = $pdo->query('select name from stamps where id = 1');

        return $found === false ? null : $found->fetchColumn();
    }
}
