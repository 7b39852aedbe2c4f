<?php

declare(strict_types=1);

use App\Models\Area;
use App\Models\Contact;
use App\Models\Jot;
use App\Models\Letter;
use App\Models\Project;
use App\Models\Role;
use App\Models\Task;
use App\Models\Visibility;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->elif = Made::person(name: 'Elif Kaya');
    $this->actingAs($this->mei);
    $this->bring = function (array $more = []): Jot {
        $this->post('/return-dates', ['words' => 'Renew the lease', 'on' => '2027-02-12', ...$more])->assertSessionHasNoErrors();

        return Jot::query()->latest('id')->firstOrFail();
    };
    $this->tray = fn(): array => $this->props('/tray')['page']['items'];
    $this->alerts = fn(): array => $this->props('/')['page']['alerts'];
});

it('lies on the shelf until its day, and then in the tray until it is sorted', function (): void {
    $jot = ($this->bring)(['words' => 'Tide tables', 'at' => '14:30']);
    expect(($this->tray)())
        ->toBe([])
        ->and(($this->alerts)())
        ->toBe([])
        ->and(array_column($this->props('/shelf')['page']['rows'], 'returnAt', 'title'))
        ->toBe(['Tide tables' => '14:30']);

    Made::later('2027-02-12');
    expect(($this->tray)()[0])
        ->toMatchArray(['words' => 'Tide tables'])
        ->and(($this->tray)()[0]['returned'])
        ->toMatchArray(['on' => '2027-02-12', 'at' => '14:30'])
        ->and(array_column(($this->alerts)(), 'words'))
        ->toBe(['Tide tables'])
        ->and($this->props('/')['frame']['alert'])
        ->toMatchArray(['words' => 'Tide tables', 'at' => '14:30', 'left' => 5.5 * 3600])
        ->and($this->props('/')['frame']['tray'])
        ->toBe(1);

    Carbon::setTestNow('2027-02-13 15:00:00');
    expect(($this->alerts)())
        ->toHaveCount(1)
        ->and($this->props('/')['frame']['alert'])
        ->toBeNull();
    $this->post("/jots/$jot->id/task", ['title' => 'Print the tide tables'])->assertSessionHasNoErrors();
    expect(($this->alerts)())
        ->toBe([])
        ->and(Task::query()->sole()->title)
        ->toBe('Print the tide tables');
});

it('can be about anything, and says so', function (string $kind): void {
    $area = Area::query()->create(['name' => 'Yard', 'kind' => 'area', 'owner_id' => $this->mei->id]);
    $about = match ($kind) {
        'task' => Made::task($this->elif, ['title' => 'Order chain']),
        'project' => Made::project($this->elif, more: ['title' => 'Orkney']),
        'goal' => Made::goal($this->elif, more: ['title' => 'Forty harbours']),
        'contact' => Contact::query()->create(['area_id' => $area->id, 'name' => 'Sten', 'person_id' => $this->elif->id]),
    };
    ($this->bring)(['kind' => $kind, 'about' => $about->id]);
    Made::later('2027-02-12');

    expect(($this->tray)()[0]['returned'])->toMatchArray([
        'kind' => $kind,
        'about' => $about->title ?? $about->name,
        'aboutId' => $about->id,
    ]);
})->with(['task', 'project', 'goal', 'contact']);

it('names nothing that one may no longer see, and takes nothing that one may not', function (): void {
    $goal = Made::goal($this->elif, more: ['title' => 'A boat']);
    ($this->bring)(['kind' => 'goal', 'about' => $goal->id]);
    $goal->update(['visibility' => Visibility::OnlyMe, 'title' => 'A secret boat']);
    Made::later('2027-02-12');
    expect(($this->tray)()[0]['returned'])
        ->toMatchArray(['about' => null, 'link' => null, 'aboutId' => null])
        ->and(json_encode($this->props('/')))
        ->not->toContain('secret');

    foreach ([['goal', $goal->id], ['task', 999999]] as [$kind, $id]) {
        $sent = ['words' => 'x', 'on' => '2027-02-13', 'kind' => $kind, 'about' => $id];
        $this->assertRefused('post', '/return-dates', $sent, ['about' => 'This no longer exists.']);
    }
});

it('comes back again by its rule once it was sorted, whatever it became', function (string $way): void {
    $jot = ($this->bring)(['rhythm' => 'every month', 'on' => '2027-02-12', 'at' => '09:30']);
    Made::later('2027-02-15');

    match ($way) {
        'done' => $this->delete("/jots/$jot->id"),
        'task' => $this->post("/jots/$jot->id/task", ['title' => 'Renew']),
        'project' => $this->post("/jots/$jot->id/project", ['title' => 'Renew']),
        'split' => $this->post("/jots/$jot->id/split", ['words' => "One\nTwo"]),
    };

    $next = Jot::query()->returning()->sole();
    expect([(string) $next->return_on, $next->return_at, $next->rhythm, $next->words])->toBe([
        '2027-03-12',
        '09:30',
        'every month',
        'Renew the lease',
    ]);
    $this->post('/undo')->assertSessionHasNoErrors();
    expect((string) Jot::query()->returning()->sole()->return_on)->toBe('2027-02-12');
})->with(['done', 'task', 'project', 'split']);

it('does not pile up while one is away', function (): void {
    $jot = ($this->bring)(['rhythm' => 'every week', 'on' => '2027-02-12']);
    Made::later('2027-05-05');
    expect(($this->tray)())->toHaveCount(1);
    $this->delete("/jots/$jot->id");
    expect((string) Jot::query()->returning()->sole()->return_on)->toBe('2027-05-07');
});

it('stops when it is deleted from the shelf', function (): void {
    $jot = ($this->bring)(['rhythm' => 'every week']);
    $this->delete("/shelf/idea/$jot->id")->assertSessionHasNoErrors();
    Made::later('2027-03-01');
    expect(($this->tray)())->toBe([]);
});

it('becomes a project of its own, which can be undone', function (): void {
    $jot = ($this->bring)();
    $this->post("/jots/$jot->id/project", ['title' => 'Renew the lease'])->assertSessionHasNoErrors();
    expect(Project::query()->sole()->title)
        ->toBe('Renew the lease')
        ->and($jot->refresh()->sorted_on)
        ->not->toBeNull();
    $this->post("/jots/$jot->id/project", ['title' => 'Twice'])->assertSessionHasErrors(['jot' => 'This has been sorted already.']);
    $this->post('/undo');
    expect(Project::query()->count())
        ->toBe(0)
        ->and($jot->refresh()->sorted_on)
        ->toBeNull();
});

it('is put off, and refuses what cannot be', function (): void {
    $jot = ($this->bring)();
    $this->put("/shelf/idea/$jot->id", ['returnOn' => '2027-03-01'])->assertSessionHasNoErrors();
    expect((string) $jot->refresh()->return_on)->toBe('2027-03-01');
    $this->put("/shelf/idea/$jot->id", ['returnOn' => '2027-02-01'])->assertSessionHasErrors('returnOn');

    foreach (
        [
            ['on', ['on' => '2027-02-09']],
            ['on', ['on' => 'soon']],
            ['at', ['at' => '25:00']],
            ['words', ['words' => '']],
            ['rhythm', ['rhythm' => 'now and then']],
            ['rhythm', ['rhythm' => 'every 30th of Octember']],
            ['kind', ['kind' => 'person', 'about' => 1]],
            ['about', ['kind' => 'task']],
        ] as [$field, $wrong]
    ) {
        $this->post('/return-dates', ['words' => 'x', 'on' => '2027-02-12', ...$wrong])->assertSessionHasErrors($field);
    }

    expect(Jot::query()->count())->toBe(1);
});

it('is one’s own alone, and stands in nobody’s way', function (): void {
    $this->actingAs($this->elif)->post('/tasks', ['title' => 'A mistake']);
    $batch = DB::table('changes')->value('batch');
    $task = Task::query()->sole();
    $this->actingAs($this->mei);
    $jot = ($this->bring)(['words' => 'A secret thought', 'kind' => 'task', 'about' => $task->id]);

    $this->actingAs($this->elif);
    $this->delete("/jots/$jot->id")->assertNotFound();
    $this->put("/shelf/idea/$jot->id", ['returnOn' => '2027-03-01'])->assertNotFound();
    $this->post("/undo/$batch")->assertSessionHasNoErrors();
    expect(Task::query()->count())
        ->toBe(0)
        ->and($jot->refresh()->task_id)
        ->toBeNull();
    Made::later('2027-02-12');
    expect(json_encode($this->props('/')).json_encode($this->props('/shelf')))->not->toContain('secret');
});

it('stands in the letter of the morning of whoever wants one', function (): void {
    ($this->bring)();
    $this->put('/notifications', ['event' => 'reminder', 'delivery' => 'nowhere'])->assertSessionHasErrors('delivery');
    $this->put('/notifications', ['event' => 'reminder', 'delivery' => 'morning'])->assertSessionHasNoErrors();
    Made::later('2027-02-12');

    expect($this->props('/notifications')['page']['letters'][0])
        ->toMatchArray(['subject' => 'Your morning, 2027-02-12', 'body' => 'Renew the lease'])
        ->and($this->actingAs($this->elif)->props('/notifications')['page']['letters'])
        ->toBe([]);
});

it('sends a letter at its minute, once, also when nobody is there', function (): void {
    $timed = ($this->bring)(['words' => 'Ring Kirkwall', 'at' => '14:30']);
    ($this->bring)(['words' => 'Tide tables']);
    $this->actingAs($this->elif);
    ($this->bring)(['words' => 'Not by letter', 'at' => '08:00']);
    $this->actingAs($this->mei)
        ->put('/notifications', ['event' => 'reminder', 'delivery' => 'mail'])
        ->assertSessionHasNoErrors();
    $struck = function (string $moment): array {
        Carbon::setTestNow($moment);
        app()->forgetScopedInstances();
        $this->artisan('clock:strike')->assertSuccessful();

        return Letter::query()->orderBy('id')->pluck('subject')->all();
    };

    expect($struck('2027-02-12 05:59:00'))
        ->toBe([])
        ->and($struck('2027-02-12 06:00:00'))
        ->toBe(['Tide tables'])
        ->and($struck('2027-02-12 14:29:59'))
        ->toBe(['Tide tables'])
        ->and($struck('2027-02-12 14:30:00'))
        ->toBe(['Tide tables', 'Ring Kirkwall'])
        ->and($struck('2027-02-12 14:31:00'))
        ->toHaveCount(2)
        ->and(Letter::query()->latest('id')->firstOrFail()->body)
        ->toBe('Return date reached on 2027-02-12, 14:30.');

    $this->put("/shelf/idea/$timed->id", ['returnOn' => '2027-02-15'])->assertSessionHasNoErrors();
    expect($struck('2027-02-16 09:00:00'))->toBe(['Tide tables', 'Ring Kirkwall', 'Ring Kirkwall']);
});

it('stands on the thing itself, for whoever noted it, and goes from there', function (): void {
    $mei = Made::person(name: 'Mei Tanaka');
    $goal = Made::goal($mei, '2027-Q1');
    $project = Made::project($mei);
    $task = Made::task($mei);
    $this->actingAs($mei);

    foreach (['goal' => $goal, 'project' => $project, 'task' => $task] as $kind => $about) {
        $this->post('/return-dates', [
            'words' => 'Look again',
            'on' => '2027-03-01',
            'at' => '09:30',
            'rhythm' => 'every month',
            'kind' => $kind,
            'about' => $about->id,
        ])->assertSessionHasNoErrors();
        $page = fn(): array => $this->props("/{$kind}s/$about->id")['page'];
        $returns = fn(): array => $page()['returns'] ?? $page()['beside']['returns'];
        expect($returns()[0])->toMatchArray(['on' => '2027-03-01', 'at' => '09:30', 'rhythm' => 'every month']);

        $this->actingAs(Made::person(Role::Lead));
        expect($returns())->toBe([]);
        $this->actingAs($mei)->delete("/shelf/idea/{$returns()[0]['id']}")->assertSessionHasNoErrors();
        expect($returns())->toBe([]);
    }

    // What is on the shelf itself says until when, to everybody.
    $project->update(['state' => 'shelved', 'return_on' => '2027-05-03']);
    expect($this->props("/projects/$project->id")['page']['beside']['returns'])->toBe([
        ['id' => null, 'on' => '2027-05-03', 'at' => null, 'rhythm' => null],
    ]);
});
