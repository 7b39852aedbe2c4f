<?php

declare(strict_types=1);

namespace App\Store;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Names the state that all that is stored is in: while it is the same, nothing was changed. A new name is drawn for each
 * transaction that writes and never comes again, whatever is rolled back or restored.
 */
final class Stamp
{
    private ?string $known = null;

    /** The name of the present state, asked for once a request. */
    public function current(): string
    {
        return $this->known ??= self::stored() ?? $this->renew();
    }

    /** Draws another name: called within each transaction that writes. */
    public function renew(): string
    {
        $this->known = null;
        $name = Str::uuid()->toString();
        DB::table('stamps')->updateOrInsert(['id' => 1], ['name' => $name]);

        return $name;
    }

    private static function stored(): ?string
    {
        $name = DB::table('stamps')->value('name');

        return is_string($name) ? $name : null;
    }
}
