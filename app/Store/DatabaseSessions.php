<?php

declare(strict_types=1);

namespace App\Store;

use Illuminate\Session\DatabaseSessionHandler;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * Sessions in the database, so that they outlive a killed process and come back with a backup. One is written only when
 * something in it has changed, or it has not been for a while: most pages are only read.
 */
final class DatabaseSessions extends DatabaseSessionHandler
{
    /** After how many minutes one that is used is marked as used again. */
    private const MARKED_AFTER = 5;

    /** @var array<string, string> what is stored, by session, of those marked lately */
    private array $stored = [];

    /** @param string $sessionId */
    public function read($sessionId): string
    {
        $data = (string) parent::read($sessionId);
        $lately = Carbon::now()->subMinutes(self::MARKED_AFTER)->getTimestamp();

        if ($data !== '' && DB::table($this->table)->where('id', $sessionId)->where('last_activity', '>=', $lately)->exists()) {
            $this->stored[$sessionId] = $data;
        }

        return $data;
    }

    /**
     * @param string $sessionId
     * @param string $data
     */
    public function write($sessionId, $data): bool
    {
        if (($this->stored[$sessionId] ?? null) === $data) {
            return true;
        }

        // A page is shown even where nothing can be written.
        return rescue(fn(): bool => DB::transaction(fn(): bool => parent::write($sessionId, $data)), false) === true;
    }

    /** @param string $sessionId */
    public function destroy($sessionId): bool
    {
        unset($this->stored[$sessionId]);

        return parent::destroy($sessionId);
    }
}
