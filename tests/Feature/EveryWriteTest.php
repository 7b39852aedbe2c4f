<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Tests\Feature\Walk;
use Tests\Feature\Writes;

beforeEach(function (): void {
    Storage::fake();
    [$owner, $this->at, $this->sent] = Writes::prepared();
    $this->actingAs($owner);
});

/** @return list<string> */
function writes(string ...$but): array
{
    $catalogue = strstr((string) file_get_contents(__DIR__.'/Writes.php'), 'public static function workspace', true) ?: '';
    preg_match_all("/^            '([a-z-]+\.[a-z-]+|purpose|charter)' => /m", $catalogue, $names);

    return array_values(array_diff($names[1], $but));
}

it('has something to send to every route that writes', function (): void {
    $named = array_filter(
        array_map(
            static fn($route): ?string => in_array('GET', $route->methods(), true) ? null : $route->getName(),
            Route::getRoutes()->getRoutes(),
        ),
    );
    $known = [...array_keys($this->sent), ...Writes::BESIDE];

    expect(array_values(array_diff($named, $known)))
        ->toBe([])
        ->and(array_values(array_diff($known, $named)))
        ->toBe([])
        ->and(array_values(array_diff(array_keys($this->sent), writes())))
        ->toBe([]);
});

it('writes once what is sent twice under one key', function (string $name): void {
    [$method, $address] = Writes::address($name, $this->at);
    $key = ['Idempotency-Key' => Str::uuid()->toString()];
    $before = $this->everythingStored();
    $state = fn(): mixed => DB::table('stamps')->where('id', 1)->value('name');
    $named = $state();
    $this->$method($address, $this->sent[$name], $key)->assertStatus(303)->assertSessionHasNoErrors();
    expect($state())->not->toBe($named, 'what was remembered before is still shown');
    $once = $this->everythingStored();
    Walk::pause();
    $this->$method($address, $this->sent[$name], $key)->assertStatus(303)->assertSessionHasNoErrors();

    $this->assertStoredAs($once);
    expect($once)->not->toEqual($before);
})->with(writes());

it('is as before once it is undone, and as after once it is done again', function (string $name): void {
    [$method, $address] = Writes::address($name, $this->at);
    $before = $this->everythingStored();
    $this->$method($address, $this->sent[$name])->assertSessionHasNoErrors();
    $after = $this->everythingStored();
    expect(DB::table('changes')->count())->toBe(1)->and(session('change')['isFinal'] ?? false)->toBeFalse();

    foreach (['/undo' => $before, '/redo' => $after, '/undo ' => $before] as $step => $stored) {
        Walk::pause();
        $this->post(trim($step))->assertStatus(303)->assertSessionHasNoErrors();
        $this->assertStoredAs($stored, "$step of $name");
    }
})->with(writes(...Writes::NO_STEP, ...array_keys(Writes::FINAL)));

it('is not undone when it is final', function (string $name, string $words): void {
    [$method, $address] = Writes::address($name, $this->at);
    $this->$method($address, $this->sent[$name])->assertSessionHasNoErrors();
    expect(session('change')['isFinal'])->toBeTrue();
    $after = $this->everythingStored();
    Walk::pause();

    expect($this->post('/undo')->exception->getMessage())
        ->toStartWith($words)
        ->and($this->everythingStored())
        ->toEqual($after);
})->with(array_map(null, array_keys(Writes::FINAL), Writes::FINAL));
