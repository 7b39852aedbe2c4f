<?php

declare(strict_types=1);

namespace App\Store;

use Illuminate\Support\Facades\DB;

/** Whether what people save can be kept: the database takes a write, and its disk has room. */
final readonly class Writability
{
    /** With less than this left, in bytes, the disk is as good as full. */
    private const ROOM = 50_000_000;

    public function __construct(private Stamp $stamp)
    {
    }

    public function isGiven(): bool
    {
        return $this->hasRoom() && rescue($this->takesWrites(...), false) === true;
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
