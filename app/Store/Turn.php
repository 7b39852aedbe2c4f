<?php

declare(strict_types=1);

namespace App\Store;

use Illuminate\Support\Facades\DB;
use Throwable;

/** The turn to write that a whole request has, from before its records are read until it is answered. */
final class Turn
{
    private bool $isOpen = false;

    /**
     * @template T
     *
     * @param callable(): T $work
     * @param callable(T): bool $isKept whether what it wrote stays
     *
     * @return T
     */
    public function take(callable $work, callable $isKept): mixed
    {
        DB::beginTransaction();
        $this->isOpen = true;
        $stays = false;

        try {
            $result = $work();
            $stays = $isKept($result);

            return $result;
        } finally {
            $this->isOpen = false;
            $stays ? self::commit() : DB::rollBack();
        }
    }

    /** What could not be kept leaves nothing behind: a disk may be full at the very last. */
    private static function commit(): void
    {
        try {
            DB::commit();
        } catch (Throwable $reason) {
            rescue(DB::rollBack(...), report: false);

            throw $reason;
        }
    }

    public function isOpen(): bool
    {
        return $this->isOpen;
    }
}
