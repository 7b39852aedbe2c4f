<?php

declare(strict_types=1);

namespace App\Store;

use ErrorException;
use Illuminate\Support\Facades\DB;
use PDOException;
use Throwable;

/** Whether what people save can be kept: the database takes a write, and its disk has room. */
final readonly class Writability
{
    /** With less than this left, in bytes, the disk is as good as full. */
    private const ROOM = 50_000_000;

    /** What SQLite, PostgreSQL and the file system say of a store that takes nothing more. */
    private const MISSING = [
        'disk is full',
        'readonly database',
        'disk I/O error',
        'unable to open database file',
        'SQLSTATE[25006]',
        'SQLSTATE[53100]',
        'No space left on device',
        'Read-only file system',
    ];

    public function __construct(private Stamp $stamp)
    {
    }

    public function isGiven(): bool
    {
        return $this->hasRoom() && rescue($this->takesWrites(...), false) === true;
    }

    /** Whether it is for want of it that something broke down. */
    public static function isMissing(Throwable $reason): bool
    {
        return ($reason instanceof PDOException || $reason instanceof ErrorException) &&
            array_filter(self::MISSING, static fn(string $words): bool => str_contains($reason->getMessage(), $words)) !== [];
    }

    private function hasRoom(): bool
    {
        $file = DB::connection()->getDatabaseName();
        $room = is_file($file) ? disk_free_space(dirname($file)) : false;

        return $room === false || $room >= self::ROOM;
    }

    private function takesWrites(): bool
    {
        DB::beginTransaction();

        try {
            $this->stamp->renew();

            return true;
        } finally {
            DB::rollBack();
        }
    }
}
