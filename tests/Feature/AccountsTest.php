<?php

declare(strict_types=1);

use App\Http\Requests\ChosenPassword;
use App\Models\AccessLink;
use App\Models\Goal;
use App\Models\Letter;
use App\Models\Person;
use App\Models\Role;
use App\Models\Visibility;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Hashing\BcryptHasher;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->lead = Made::person(Role::Lead, 'Noor Aksoy');
    $this->mei = Made::person(Role::Member, 'Mei Tanaka');
    $this->token = fn(): string => Str::afterLast((string) Letter::query()->latest('id')->value('body'), '/');
    $this->new = ['name' => 'Lucía Herrera', 'email' => 'Lucia@Saltglass.example', 'role' => 'member', 'weeklyHours' => 32];
});

/** A session that somebody has. */
function signedInElsewhere(Person $person, string $id): void
{
    DB::table('sessions')->insert([
        'id' => $id,
        'user_id' => $person->id,
        'payload' => '',
        'last_activity' => now()->getTimestamp(),
        'user_agent' => 'Mozilla/5.0 (X11; Linux) Firefox/130.0',
        'ip_address' => '10.0.0.1',
    ]);
}

it('invites by a link that is used once', function (): void {
    $this->actingAs($this->mei)->post('/people', $this->new)->assertForbidden();
    $this->actingAs($this->lead)->post('/people', $this->new)->assertSessionHas('link.name', 'Lucía Herrera');
    $person = Person::query()->where('email', 'lucia@saltglass.example')->firstOrFail();
    $token = ($this->token)();
    expect($person->initials)
        ->toBe('LH')
        ->and(
            AccessLink::query()
                ->where('digest', 'like', "%$token%")
                ->exists(),
        )
        ->toBeFalse();
    $this->post('/people', $this->new)->assertSessionHasErrors('email');

    auth()->logout();
    $this->get("/access/$token")->assertOk();
    $this->post("/access/$token", ['password' => 'short'])->assertSessionHasErrors('password');
    $this->post("/access/$token", ['password' => 'a calm tide in March'])->assertRedirect('/');
    $this->assertAuthenticatedAs($person);
    auth()->logout();
    $this->post("/access/$token", ['password' => 'another calm tide'])->assertSessionHasErrors('password');
    expect(Hash::check('a calm tide in March', $person->refresh()->password))->toBeTrue();
});

it('lets a link run out', function (): void {
    $this->actingAs($this->lead)->post('/people', $this->new);
    auth()->logout();
    Made::later('2027-03-01');
    $this->post('/access/'.($this->token)(), ['password' => 'a calm tide in March'])->assertSessionHasErrors('password');
    $this->get('/access/'.($this->token)())->assertOk();
});

it('writes the address of the configuration into letters, whatever host was asked', function (): void {
    config(['app.url' => 'https://loftrin.saltglass.example']);
    $this->actingAs($this->lead)->post('http://evil.example/people', $this->new);
    expect(Letter::query()->latest('id')->value('body'))
        ->toContain('https://loftrin.saltglass.example/access/')
        ->not->toContain('evil');
});

it('says the same of a forgotten password whether the address is known or not', function (): void {
    $known = $this->post('/forgotten', ['email' => $this->mei->email]);
    $unknown = $this->post('/forgotten', ['email' => 'nobody@saltglass.example']);
    expect([$known->getStatusCode(), $known->headers->get('Location')])
        ->toBe([$unknown->getStatusCode(), $unknown->headers->get('Location')])
        ->and(Letter::query()->count())
        ->toBe(1);

    signedInElsewhere($this->mei, 'old');
    $this->post('/access/'.($this->token)(), ['password' => 'a calm tide in March'])->assertRedirect('/');
    expect(DB::table('sessions')->where('id', 'old')->exists())->toBeFalse();
});

it('checks a password for unknown addresses too, so that both take as long', function (): void {
    $checked = 0;
    Hash::extend('counting', function () use (&$checked): Hasher {
        return new class ($checked) extends BcryptHasher {
            public function __construct(private int &$checked)
            {
                parent::__construct(['rounds' => 4]);
            }

            public function check($value, $hashedValue, array $options = []): bool
            {
                $this->checked++;

                return parent::check($value, $hashedValue, $options);
            }
        };
    });
    config(['hashing.driver' => 'counting']);
    $this->post('/sign-in', ['email' => $this->mei->email, 'password' => 'wrong']);
    expect($checked)->toBe(1);
    $this->post('/sign-in', ['email' => 'nobody@saltglass.example', 'password' => 'wrong']);
    expect($checked)->toBe(2);
});

it('changes a password with the present one, and signs other devices out', function (): void {
    signedInElsewhere($this->mei, 'old');
    signedInElsewhere($this->lead, 'lead');
    $this->actingAs($this->mei);
    $this->put('/account/password', ['current' => 'wrong', 'password' => 'a calm tide in March'])->assertSessionHasErrors('current');
    $this->put('/account/password', ['current' => 'a-long-password', 'password' => 'password12'])->assertSessionHasErrors('password');
    $this->put('/account/password', ['current' => 'a-long-password', 'password' => 'a calm tide in March'])->assertSessionHasNoErrors();

    expect(Hash::check('a calm tide in March', $this->mei->refresh()->password))
        ->toBeTrue()
        ->and(DB::table('sessions')->pluck('id')->all())
        ->toContain('lead')
        ->not->toContain('old');
});

it('lists one’s sessions and ends them all', function (): void {
    signedInElsewhere($this->mei, 'old');
    $this->actingAs($this->mei);
    expect($this->props('/account')['page']['sessions'][0])->toMatchArray([
        'device' => 'Firefox on Linux',
        'address' => '10.0.0.1',
        'isThis' => false,
    ]);
    $this->post('/account/sign-out')->assertRedirect('/sign-in');
    $this->assertGuest();
    expect(DB::table('sessions')->where('user_id', $this->mei->id)->count())->toBe(0);
});

it('refuses the passwords that are guessed first', function (string $password, bool $isCommon): void {
    expect(ChosenPassword::isCommon($password))->toBe($isCommon);
})->with([
    ['password12', true],
    ['Passw0rd!!', true],
    ['1234567890', true],
    ['aaaaaaaaaaaa', true],
    ['abababababab', true],
    ['qwertyuiop', false],
    ['letmein2027', true],
    ['Welcome2027!', true],
    ['loftrinloftrin', true],
    ['a calm tide in March', false],
    ['saltglass-demo', false],
    ['kelp-anchor-42', false],
    ['9876543210', true],
]);

it('sets somebody aside with what they own handed over', function (): void {
    $goal = Made::goal($this->mei);
    $hidden = Made::goal($this->mei, '2027', ['visibility' => Visibility::OnlyMe]);
    $project = Made::project($this->mei);
    $open = Made::task($this->mei);
    $done = Made::task($this->mei, ['done_on' => '2027-02-01']);
    signedInElsewhere($this->mei, 'old');
    $this->actingAs($this->mei)
        ->post("/people/{$this->lead->id}/aside", ['heir' => $this->mei->id])
        ->assertForbidden();
    $this->actingAs($this->lead)
        ->post("/people/{$this->mei->id}/aside", [])
        ->assertSessionHasErrors('heir');
    $this->post("/people/{$this->mei->id}/aside", ['heir' => $this->mei->id])->assertSessionHasErrors('heir');
    $this->post("/people/{$this->mei->id}/aside", ['heir' => $this->lead->id])->assertSessionHasNoErrors();
    $batch = session('change')['batch'];

    expect([$goal->refresh()->owner_id, $project->refresh()->owner_id, $open->refresh()->owner_id])
        ->each->toBe($this->lead->id)
        ->and([$hidden->refresh()->owner_id, $done->refresh()->owner_id])
        ->each->toBe($this->mei->id)
        ->and(DB::table('sessions')->where('id', 'old')->exists())
        ->toBeFalse();
    auth()->logout();
    $this->post('/sign-in', ['email' => $this->mei->email, 'password' => 'a-long-password'])->assertSessionHasErrors('email');
    $this->assertGuest();

    $this->actingAs($this->lead);
    expect(array_column($this->props('/goals/new')['page']['people'], 'id'))->not->toContain($this->mei->id);
    $this->post("/undo/$batch")->assertSessionHasNoErrors();
    expect($goal->refresh()->owner_id)
        ->toBe($this->mei->id)
        ->and($this->mei->refresh()->deactivated_on)
        ->toBeNull();
    $this->post("/people/{$this->mei->id}/aside", ['heir' => $this->lead->id]);
    $this->post("/people/{$this->mei->id}/back")->assertSessionHasNoErrors();
    expect($this->mei->refresh()->deactivated_on)->toBeNull();
});

it('never leaves a workspace without a lead', function (): void {
    $this->actingAs($this->lead);
    $this->put("/people/{$this->lead->id}", ['role' => 'member', 'weeklyHours' => 40])->assertSessionHasErrors('role');
    $this->post("/people/{$this->lead->id}/aside", ['heir' => $this->mei->id])->assertSessionHasErrors('role');
    $this->put("/people/{$this->mei->id}", ['role' => 'lead', 'weeklyHours' => 30])->assertSessionHasNoErrors();
    $this->put("/people/{$this->lead->id}", ['role' => 'member', 'weeklyHours' => 40])->assertSessionHasNoErrors();
    expect($this->lead->refresh()->role)
        ->toBe(Role::Member)
        ->and($this->mei->refresh()->weekly_hours)
        ->toBe(30);
});

it('lets no member make goals or projects in others’ names', function (): void {
    $this->actingAs($this->mei);
    $this->post('/goals', ['title' => 'x', 'period' => '2027', 'measure' => 'work', 'owner' => $this->lead->id])->assertSessionHasErrors(
        'owner',
    );
    $this->post('/projects', ['title' => 'x', 'owner' => $this->lead->id])->assertSessionHasErrors('owner');
    $this->post('/tasks', ['title' => 'x', 'owner_id' => $this->lead->id])->assertSessionHasNoErrors();
    $this->post('/goals', ['title' => 'x', 'period' => '2027', 'measure' => 'work', 'isMain' => true])->assertSessionHasErrors('isMain');
    $this->actingAs($this->lead)
        ->post('/goals', ['title' => 'x', 'period' => '2027', 'measure' => 'work', 'owner' => $this->mei->id, 'isMain' => true])
        ->assertSessionHasNoErrors();
    expect(Goal::query()->count())->toBe(1);
});

it('keeps a team’s meetings the team’s, and a lead gets them back', function (): void {
    $fields = [
        'title' => 'Quay',
        'rule' => 'FREQ=WEEKLY;BYDAY=MO',
        'startsOn' => '2027-02-15',
        'time' => '09:00',
        'minutes' => 30,
        'standing' => [],
    ];
    $this->actingAs($this->mei)
        ->post('/series', [...$fields, 'attendees' => [$this->mei->id, $this->lead->id]])
        ->assertSessionHasNoErrors();
    $id = DB::table('series')->max('id');
    $this->put("/series/$id", [...$fields, 'attendees' => [$this->mei->id], 'isPrivate' => true])->assertSessionHasErrors('isPrivate');
    $other = Made::person();
    $this->actingAs($this->lead)
        ->put("/series/$id", [...$fields, 'attendees' => [$this->mei->id, $other->id, $this->lead->id]])
        ->assertSessionHasNoErrors();
    $this->actingAs($other)
        ->put("/series/$id", [...$fields, 'attendees' => [$other->id]])
        ->assertForbidden();
});
