<?php

declare(strict_types=1);

namespace App\Store;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Names the state that all that is stored is in: while it is the same, nothing was changed. A new name is drawn for each
 * transaction that writes and never comes again, whatever is rolled back or restored. What was before this week has a
 * name of its own, which most changes leave as it is.
 */
final class Stamp
{
    private const ALL = 1;

    private const PAST = 2;

    /** @var array<int, string> asked for once a request */
    private array $known = [];

    /** The name of the present state. */
    public function current(): string
    {
        return $this->name(self::ALL);
    }

    /** The name of the state of what was before this week. */
    public function past(): string
    {
        return $this->name(self::PAST);
    }

    /** Draws other names: called within each transaction that writes. */
    public function renew(bool $past = true): void
    {
        $this->known = [];
        DB::table('stamps')->upsert(
            array_map(
                static fn(int $id): array => ['id' => $id, 'name' => Str::uuid()->toString()],
                $past ? [self::ALL, self::PAST] : [self::ALL],
            ),
            ['id'],
            ['name'],
        );
    }

    private function name(int $of): string
    {
        if ($this->known === []) {
            /** @var array<int, string> $stored */
            $stored = DB::table('stamps')->pluck('name', 'id')->all();
            $this->known = $stored;
        }

        return $this->known[$of];
    }
}
