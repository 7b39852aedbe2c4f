<?php

declare(strict_types=1);

use App\Http\Problems;
use App\Models\Area;
use App\Models\Role;
use App\Models\Task;
use App\Store\TurnNotGiven;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\UploadedFile;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Storage;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->lead = Made::person(Role::Lead);
    $this->actingAs($this->lead);
});

it('says in a sentence that nothing can be saved, and shows pages all the same', function (): void {
    DB::beginTransaction();
    DB::statement(DB::getDriverName() === 'sqlite' ? 'pragma query_only = on' : 'set transaction_read_only = on');

    try {
        $this->post('/tasks', ['title' => 'x'])
            ->assertStatus(503)
            ->assertJson(['message' => Problems::NOTHING_SAVED]);
        $this->get('/week')->assertRedirect();
        $this->getJson('/up')
            ->assertStatus(503)
            ->assertJson(['writable' => false]);
    } finally {
        DB::rollBack();
        DB::getDriverName() === 'sqlite' && DB::statement('pragma query_only = off');
    }

    $this->getJson('/up')
        ->assertOk()
        ->assertJson(['people' => true, 'writable' => true]);
    expect(Task::query()->count())->toBe(0);
});

it('says what is wrong where the database does not even open', function (): void {
    $stored = DB::getDefaultConnection();
    config(['database.connections.full' => ['driver' => 'sqlite', 'database' => sys_get_temp_dir()], 'database.default' => 'full']);

    try {
        $this->get('/week')
            ->assertStatus(503)
            ->assertInertia(static fn($page) => $page->component('Problem')->where('title', 'Not available now')->etc());
        $this->post('/jots', ['words' => 'x'])
            ->assertStatus(503)
            ->assertJson(['message' => Problems::NOTHING_SAVED]);
        $this->get('/up')
            ->assertStatus(503)
            ->assertExactJson(['people' => null, 'writable' => false]);
    } finally {
        config(['database.default' => $stored]);
    }
});

it('says of a change that was not made why, where one is: the page and its text stay', function (int $status, string $begins): void {
    Route::post('/refused', static fn() => abort($status))->middleware('web');
    $this->post('/refused', [], ['X-Inertia' => 'true'])
        ->assertStatus($status)
        ->assertHeaderMissing('X-Inertia')
        ->assertJson(static fn($json) => $json->where('message', static fn(string $words): bool => str_starts_with($words, $begins)));
})->with([
    [403, 'You do not have permission to do this. Nothing was saved.'],
    [404, 'This no longer exists, or you no longer have access to it. Nothing was saved.'],
    [413, 'This is larger than the limit. Nothing was saved.'],
    [419, 'This page had been open for too long. Nothing was saved'],
    [422, 'Loftrin does not take this. Nothing was saved.'],
    [429, 'Too many attempts. Nothing was saved'],
    [502, 'Something went wrong, and the error was logged. Nothing was saved.'],
    [503, 'Loftrin is being updated. Nothing was saved'],
]);

it('leaves the text with whoever was signed out meanwhile', function (): void {
    $task = Made::task($this->lead);
    auth()->logout();
    $this->post("/tasks/$task->id/comments", ['words' => 'The crane moved.'], ['X-Inertia' => 'true'])
        ->assertStatus(401)
        ->assertJson(['message' => 'You have been signed out. Nothing was saved. Your text is kept here: sign in again, then save it.']);
    // Whoever sends a plain form is led to sign in.
    $this->post("/tasks/$task->id/comments", ['words' => 'The crane moved.'])->assertRedirect('/sign-in');
});

it('says in a sentence that others are saving for too long', function (): void {
    Route::post('/too-long', static fn() => throw new TurnNotGiven(new RuntimeException()))->middleware('web');
    $this->post('/too-long')
        ->assertStatus(503)
        ->assertJson(['message' => 'Many people are saving at this moment. Nothing was saved: please try again.']);
});

it('sends the same headers with every answer', function (string $address): void {
    $headers = $this->get($address)->headers;

    expect($headers->get('Content-Security-Policy'))
        ->toContain("default-src 'self'")
        ->toContain("frame-ancestors 'none'")
        ->and($headers->get('X-Content-Type-Options'))
        ->toBe('nosniff')
        ->and($headers->get('Referrer-Policy'))
        ->toBe('same-origin')
        ->and($headers->get('Cache-Control'))
        ->toContain('no-store')
        ->and($headers->has('Strict-Transport-Security'))
        ->toBeFalse();
})->with(['/', '/nowhere', '/goals/999', '/up', '/stamp', '/people', '/goals/abc']);

it('asks for https once it was reached over it', function (): void {
    expect($this->get('https://loftrin.example/people')->headers->get('Strict-Transport-Security'))->toContain('max-age=31536000');
});

it('leaves a file its own policy', function (): void {
    Storage::fake('local');
    $task = Made::task($this->lead);
    $this->post("/tasks/$task->id/files", ['file' => UploadedFile::fake()->createWithContent('a.txt', 'x')])->assertSessionHasNoErrors();
    $answer = $this->get('/files/'.DB::table('files')->value('id'));

    expect($answer->headers->get('Content-Security-Policy'))
        ->toBe("default-src 'none'; sandbox")
        ->and($answer->headers->get('Cache-Control'))
        ->toContain('no-store');
});

it('writes failed sign-ins and refusals into the log, and no password', function (): void {
    Log::spy();
    $area = Area::query()->create(['name' => 'Yard', 'kind' => 'area']);
    $this->actingAs(Made::person())
        ->delete("/areas/$area->id")
        ->assertForbidden();
    Log::shouldHaveReceived('info')
        ->once()
        ->withArgs(static fn(string $words, array $with): bool => $words === 'Refused.' && $with['asked'] === "DELETE /areas/$area->id");
    auth()->logout();
    $this->post('/sign-in', ['email' => 'noor@saltglass.example', 'password' => 'a secret that is wrong']);
    Log::shouldHaveReceived('warning')
        ->once()
        ->withArgs(
            static fn(string $words, array $with): bool => $words === 'A sign-in failed.' && ! str_contains(json_encode($with), 'secret'),
        );
});

it('finds who was signed out by the token of their session as well, and nobody else', function (): void {
    $task = Made::task($this->lead);
    app()->bind(
        ValidateCsrfToken::class,
        static fn(): object => new class () {
            public function handle(): never
            {
                throw new TokenMismatchException();
            }
        },
    );
    $this->post("/tasks/$task->id/comments", ['words' => 'x'], ['X-Inertia' => 'true'])->assertStatus(419);
    auth()->logout();
    $this->post("/tasks/$task->id/comments", ['words' => 'x'], ['X-Inertia' => 'true'])->assertStatus(401);
    $this->post('/sign-in', ['email' => 'x', 'password' => 'x'], ['X-Inertia' => 'true'])->assertStatus(419);
    $this->from('/sign-in')
        ->post('/sign-in', ['email' => 'x', 'password' => 'x'])
        ->assertRedirect('/sign-in')
        ->assertSessionHas('problem');
});

it('takes no more writes from one person than anybody makes', function (): void {
    for ($write = 0; $write < 600; $write++) {
        RateLimiter::hit(md5('writes'.'writes of '.$this->lead->id), 60);
    }

    $this->post('/jots', ['words' => 'x'])->assertStatus(429);
    $this->get('/tray')->assertOk();
    $this->actingAs(Made::person())
        ->post('/jots', ['words' => 'x'])
        ->assertStatus(303);
});
