<?php

declare(strict_types=1);

namespace App\Store;

use Illuminate\Database\Connectors\SQLiteConnector;
use SensitiveParameter;

/** Connects to SQLite so that transactions begin with the turn to write. */
final class ImmediateSqliteConnector extends SQLiteConnector
{
    /**
     * @param string $dsn
     * @param ?string $username
     * @param ?string $password
     * @param array<array-key, mixed> $options
     */
    protected function createPdoConnection($dsn, $username, #[SensitiveParameter] $password, $options): ImmediatePdo
    {
        return new ImmediatePdo($dsn, $username, $password, $options);
    }
}
