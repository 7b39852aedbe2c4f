<?php

declare(strict_types=1);

use App\Models\Role;
use App\Store\StampAlone;
use Tests\Feature\Made;

const KEY = 'base64:c29tZSBrZXkgb2YgdGhpcnR5LXR3byBieXRlcyEhISE=';

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/'.uniqid('stamp');
    mkdir($this->folder);
    $this->configuration = "$this->folder/config.php";
    $database = "$this->folder/loftrin.sqlite";
    $store = new PDO("sqlite:$database");
    $store->exec("create table stamps (id integer primary key, name text); insert into stamps values (1, 'now'), (2, 'before this week')");
    $config = [
        'app' => ['key' => KEY],
        'database' => ['default' => 'sqlite', 'connections' => ['sqlite' => ['driver' => 'sqlite', 'database' => $database]]],
    ];
    file_put_contents($this->configuration, '<?php return '.var_export($config, true).';');
});

afterEach(fn() => array_map(unlink(...), glob("$this->folder/*") ?: []) && rmdir($this->folder));

it('names the state of all that is stored to who shows a token of today or yesterday', function (): void {
    $answer = fn(string $token): ?string => StampAlone::answer(['token' => $token], $this->configuration);

    expect($answer(StampAlone::token(KEY)))
        ->toBe('{"stamp":"now"}')
        ->and($answer(StampAlone::token(KEY, time() - 86_400)))
        ->toBe('{"stamp":"now"}');
});

it('leaves everything else to the framework, which asks who it is', function (array $asked): void {
    expect(StampAlone::answer($asked, $this->configuration))->toBeNull();
})->with([
    'no token' => [[]],
    'a made-up one' => [['token' => 'x']],
    'no text' => [['token' => ['x']]],
    'one of another key' => [['token' => StampAlone::token('another')]],
    'one of the day before yesterday' => [['token' => StampAlone::token(KEY, time() - 2 * 86_400)]],
]);

it('leaves it to the framework where the configuration is not cached, or nothing can be read', function (): void {
    $asked = ['token' => StampAlone::token(KEY)];
    unlink("$this->folder/loftrin.sqlite");
    expect(StampAlone::answer($asked, $this->configuration))
        ->toBeNull()
        ->and(StampAlone::answer($asked, "$this->folder/none.php"))
        ->toBeNull();
    $this->getJson('/stamp?token=x')->assertUnauthorized();
});

it('gives the token with every page to who is signed in', function (): void {
    Made::workspace();
    $this->actingAs(Made::person(Role::Member));
    expect($this->props('/')['asks'])->toBe(StampAlone::token(config('app.key')));
    $this->getJson('/stamp')->assertJsonStructure(['stamp']);
});
