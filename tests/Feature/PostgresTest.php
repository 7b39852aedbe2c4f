<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;

it('gives the turn to write to one transaction at a time', function (): void {
    config(['database.connections.other' => config('database.connections.pgsql')]);
    $isFree = static fn(): bool => DB::connection('other')->selectOne('select pg_try_advisory_lock(1) as given')->given;

    // The one around the test was begun unheard.
    DB::rollBack();
    DB::beginTransaction();
    expect($isFree())->toBeFalse();
    DB::rollBack();
    expect($isFree())->toBeTrue();

    DB::purge('other');
    DB::beginTransaction();
})->skip(fn(): bool => DB::getDriverName() !== 'pgsql', 'PostgreSQL only');
