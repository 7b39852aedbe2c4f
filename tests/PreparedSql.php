<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Support\Facades\DB;
use PDO;
use PDOStatement;

/** Statements that tests ask of every table again and again, made once for the connection that is open. */
final class PreparedSql
{
    private static ?PDO $connection = null;

    /** @var array<string, PDOStatement> */
    private static array $statements = [];

    public static function of(string $sql): PDOStatement
    {
        $connection = DB::getPdo();

        if ($connection !== self::$connection) {
            [self::$connection, self::$statements] = [$connection, []];
        }

        return self::$statements[$sql] ??= $connection->prepare($sql);
    }
}
