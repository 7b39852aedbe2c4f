<?php

declare(strict_types=1);

namespace App\Store;

use PDO;
use PDOException;

/**
 * A connection to SQLite whose transactions take the turn to write as they begin (BEGIN IMMEDIATE). Begun deferred, as PDO
 * does it, two that read first and write then would have one of them refused at once, however long it is ready to wait.
 *
 * PDO keeps count of its own transactions only, before PHP 8.4: these are counted here.
 */
final class ImmediatePdo extends PDO
{
    /** How long a turn is waited for, in seconds. */
    public const WAIT = 20;

    /** Between two tries in microseconds, at least and at most: evenly drawn, so that nobody who waits is passed over for long. */
    private const PAUSE = [1_000, 8_000];

    private bool $isOpen = false;

    /** @throws TurnNotGiven when others keep writing for longer than it waits */
    public function beginTransaction(): bool
    {
        $until = microtime(true) + self::WAIT;
        $this->exec('pragma busy_timeout = 0');

        try {
            while (! $this->isOpen) {
                $this->isOpen = $this->tryToBegin($until);
            }
        } finally {
            $this->exec('pragma busy_timeout = '. 1000 * self::WAIT);
        }

        return true;
    }

    public function commit(): bool
    {
        $this->exec('commit');
        $this->isOpen = false;

        return true;
    }

    public function rollBack(): bool
    {
        $this->isOpen = false;
        $this->exec('rollback');

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->isOpen;
    }

    /** Whether it has the turn now; otherwise somebody else has, and a while went by. */
    private function tryToBegin(float $until): bool
    {
        try {
            $this->exec('begin immediate');

            return true;
        } catch (PDOException $reason) {
            match (true) {
                ! str_contains($reason->getMessage(), 'locked') => throw $reason,
                microtime(true) >= $until => throw new TurnNotGiven($reason),
                default => usleep(random_int(...self::PAUSE)),
            };

            return false;
        }
    }
}
