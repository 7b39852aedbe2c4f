<?php

declare(strict_types=1);

use App\Exchange\PlanExport;
use App\Models\Comment;
use App\Models\Decision;
use App\Models\File;
use App\Models\Goal;
use App\Models\Group;
use App\Models\Issue;
use App\Models\Membership;
use App\Models\Milestone;
use App\Models\Notification;
use App\Models\PlanLine;
use App\Models\Project;
use App\Models\RecurringTask;
use App\Models\Reference;
use App\Models\Retrospective;
use App\Models\Role;
use App\Models\Task;
use App\Models\Template;
use App\Models\Visibility;
use Loftrin\Core\Work\ProjectState;
use Tests\Feature\Addresses;
use Tests\Feature\Made;
use Tests\Feature\Workspaces;

beforeEach(function (): void {
    Made::workspace();
    $this->noor = Made::person(Role::Lead, 'Noor Aksoy');
    $this->ingrid = Made::person(name: 'Ingrid Solheim');
    $this->tom = Made::person(name: 'Tom Birch');
    $this->workshop = Group::query()->create(['name' => 'The workshop']);
    Membership::query()->create(['group_id' => $this->workshop->id, 'person_id' => $this->tom->id]);
    $this->fields = ['title' => 'Zanzibar', 'visibility' => 'chosen', 'groups' => [$this->workshop->id]];
    $this->make = function (array $more = []): Project {
        $this->actingAs($this->ingrid)
            ->post('/projects', [...$this->fields, ...$more])
            ->assertSessionHasNoErrors();

        return Project::query()->latest('id')->firstOrFail();
    };
});

it('is there for its owner, for those chosen and for nobody else, whatever they ask', function (): void {
    $project = ($this->make)();
    $milestone = Milestone::query()->create(['project_id' => $project->id, 'title' => 'x', 'on' => '2027-03-01']);
    $line = PlanLine::query()->create(['project_id' => $project->id, 'title' => 'x']);
    $of = ['project_id' => $project->id, 'person_id' => $this->ingrid->id];
    $file = File::query()->create([...$of, 'name' => 'x', 'bytes' => 1, 'path' => 'x']);
    $reference = Reference::query()->create([...$of, 'title' => 'x', 'address' => 'https://a.example']);
    $comment = Comment::query()->create([...$of, 'on' => Made::TODAY, 'words' => 'x']);
    $task = Made::task($this->ingrid, ['project_id' => $project->id, 'visibility' => Visibility::OnlyMe]);

    foreach ([$this->ingrid, $this->tom] as $seeing) {
        $this->actingAs($seeing)
            ->get("/projects/$project->id")
            ->assertOk();
        $this->get("/tasks/$task->id")->assertOk();
    }

    $this->actingAs($this->noor);
    $problem = function (int $id): mixed {
        $page = $this->get("/projects/$id")->assertNotFound()->viewData('page');

        return [$page['component'], $page['props']['status']];
    };

    foreach (
        [
            ['get', "/projects/$project->id"],
            ['get', "/projects/$project->id/edit"],
            ['get', "/projects/$project->id/figure"],
            ['put', "/projects/$project->id"],
            ['put', "/projects/$project->id/state"],
            ['put', "/projects/$project->id/charter"],
            ['put', "/projects/$project->id/status"],
            ['put', "/projects/$project->id/close"],
            ['put', "/projects/$project->id/collections"],
            ['post', "/projects/$project->id/milestones"],
            ['post', "/projects/$project->id/lines"],
            ['post', "/projects/$project->id/template"],
            ['put', "/projects/$project->id/template"],
            ['post', "/projects/$project->id/comments"],
            ['put', "/projects/$project->id/helpers"],
            ['post', "/projects/$project->id/files"],
            ['post', "/projects/$project->id/references"],
            ['put', "/milestones/$milestone->id"],
            ['put', "/milestones/$milestone->id/reached"],
            ['delete', "/milestones/$milestone->id"],
            ['post', "/lines/$line->id/promote"],
            ['delete', "/lines/$line->id"],
            ['get', "/files/$file->id"],
            ['delete', "/files/$file->id"],
            ['delete', "/references/$reference->id"],
            ['delete', "/comments/$comment->id"],
            ['put', "/shelf/project/$project->id"],
            ['get', "/tasks/$task->id"],
            ['put', "/tasks/$task->id"],
            ['put', "/tasks/$task->id/tick"],
        ] as [$method, $address]
    ) {
        expect($this->$method($address)->getStatusCode())->toBe(404, "$method $address");
    }

    // Hidden and missing are told apart by nothing.
    expect($problem($project->id))->toBe($problem(9999));
    expect($this->getJson("/projects/$project->id")->getContent())->toBe($this->getJson('/projects/9999')->getContent());

    foreach (['/tasks', '/recurring-tasks', '/decisions', '/retrospectives'] as $address) {
        $refusal = function (int $id) use ($address): mixed {
            $this->post($address, [
                'title' => 'x',
                'kind' => 'task',
                'words' => $address === '/decisions' ? 'x' : 'every day',
                'project' => $id,
                'on' => Made::TODAY,
                'questions' => 'x',
                'people' => [$this->tom->id],
            ]);

            return $this->app['session']->get('errors')?->get('project');
        };
        expect($refusal($project->id))->toBe(['This project no longer exists.'], $address);
        expect($refusal(9999))->toBe(['This project no longer exists.'], $address);
    }
});

it('leaves no trace on any address of somebody else', function (Role $role): void {
    $at = Workspaces::full($this->noor);
    $goal = Goal::query()->findOrFail($at['goal']);
    $goal->update(['measure' => 'work', 'title' => 'Forty harbours']);
    $template = Template::query()->findOrFail($at['template']);
    $project = ($this->make)([
        'area' => $at['area'],
        'serves' => [['goal' => $goal->id, 'weight' => '1']],
        'countsUnnamed' => true,
        'stages' => [['name' => 'Zanzibar stage']],
        'dueOn' => '2027-03-01',
        'startsOn' => '2027-01-04',
    ]);
    $project->update(['template_id' => $template->id, 'template_taken' => [], 'status_line' => 'Zanzibar']);
    $this->post('/tasks', ['title' => 'Zanzibar open', 'project' => $project->id, 'planned' => '2027-W06', 'due_on' => '2027-02-01']);
    $this->post('/tasks', ['title' => 'Zanzibar done', 'project' => $project->id]);
    $done = Task::query()->where('title', 'Zanzibar done')->firstOrFail();
    $this->put("/tasks/$done->id/tick", ['done' => true]);
    $this->put('/worth-telling', ['source' => 'task', 'id' => $done->id, 'isWorth' => true]);
    $this->post('/recurring-tasks', ['title' => 'Zanzibar again', 'kind' => 'task', 'words' => 'every day', 'project' => $project->id])
        ->assertSessionHasNoErrors();
    $this->post("/projects/$project->id/milestones", ['title' => 'Zanzibar reached', 'on' => '2027-02-20'])->assertSessionHasNoErrors();
    $this->post("/projects/$project->id/lines", ['title' => 'Zanzibar first'])->assertSessionHasNoErrors();
    $this->post("/projects/$project->id/comments", ['words' => 'Zanzibar said']);
    $this->post("/projects/$project->id/references", ['address' => 'https://zanzibar.example', 'title' => 'Zanzibar page']);
    $shelved = ($this->make)(['title' => 'Zanzibar later']);
    $this->put("/projects/$shelved->id/state", ['state' => 'shelved'])->assertSessionHasNoErrors();

    // What was tied to it while all could see it.
    Issue::query()->findOrFail($at['issue'])->update(['project_id' => $project->id]);
    Decision::query()->findOrFail($at['decision'])->update(['project_id' => $project->id]);
    $other = Made::person($role, 'Kwame Boateng');
    Notification::query()->create([
        'project_id' => $project->id,
        'person_id' => $other->id,
        'by_id' => $this->ingrid->id,
        'words' => 'said: Zanzibar',
    ]);
    $retrospective = Made::retrospective($this->ingrid, ['project_id' => $project->id], [$other]);

    $this->actingAs($other);
    $own = [
        'project' => $project->id,
        'task' => $done->id,
        'work' => $project->id,
        'kind' => 'projects',
        'recurringTask' => RecurringTask::query()->where('title', 'Zanzibar again')->value('id'),
        'retrospective' => $retrospective->id,
    ];

    foreach (Addresses::all($at, $own) as $address) {
        expect(stripos((string) $this->get($address)->getContent(), 'zanzibar'))->toBeFalse("$address tells of it");
        $this->app['session']->forget('errors');
    }

    foreach (
        [
            '/projects?state=all',
            '/projects?state=all&group=area&sort=progress',
            "/projects?thread=$goal->id&state=all",
            "/lists/new?conditions[0][field]=project&conditions[0][value]=$project->id",
            "/weeks/2027-W06?who={$this->ingrid->id}",
            '/lists/finished',
            '/worth-telling?from=2027-01-01&until=2027-12-31',
            "/goals/$goal->id/figure",
            "/projects/new?goal=$goal->id",
            '/closing/2027-Q1',
        ] as $address
    ) {
        expect(stripos((string) $this->get($address)->getContent(), 'zanzibar'))->toBeFalse("$address tells of it");
    }

    foreach (['places', 'served', 'shared', 'everybody'] as $choice) {
        $answer = $this->get('/tray', [
            'X-Inertia' => 'true',
            'X-Inertia-Version' => $this->get('/tray')->viewData('page')['version'],
            'X-Inertia-Partial-Component' => 'capture/Tray',
            'X-Inertia-Partial-Data' => $choice,
        ]);
        expect($answer->getStatusCode())->toBe(200);
        expect(stripos((string) $answer->getContent(), 'zanzibar'))->toBeFalse("$choice tells of it");
    }

    expect(json_encode(app(PlanExport::class)->of($other), JSON_THROW_ON_ERROR))->not->toContain('Zanzibar');
    expect(json_encode(app(PlanExport::class)->of(null), JSON_THROW_ON_ERROR))->not->toContain('Zanzibar');
    expect(json_encode(app(PlanExport::class)->of($this->tom), JSON_THROW_ON_ERROR))->toContain('Zanzibar');
})->with(['a lead' => [Role::Lead], 'a member' => [Role::Member]]);

it('counts in no number that others see', function (): void {
    $numbers = function (): array {
        $this->actingAs($this->noor);
        $register = $this->props('/projects')['page'];
        $people = $this->props('/people')['page']['people'];
        $facts = $this->props('/reviews/2027-W05')['page']['facts'];

        return [
            $register['total'],
            $register['active'],
            $register['needy'],
            $register['activeBy'],
            array_map(
                static fn(array $row): array => [$row['active'], $row['open'], $row['late'], array_column($row['hours'], 'taken')],
                $people,
            ),
            $facts['stuck'],
            $this->props('/areas')['page']['areas'],
            $this->props('/templates')['page']['templates'],
        ];
    };
    $before = $numbers();
    $project = ($this->make)();
    $this->post('/tasks', [
        'title' => 'x',
        'project' => $project->id,
        'planned' => '2027-W06',
        'minutes' => 600,
    ])->assertSessionHasNoErrors();
    expect($numbers())->toBe($before);
    $this->actingAs($this->tom);
    expect($this->props('/projects')['page']['total'])->toBe(1);
});

it('counts in the figure of a goal only when its owner agrees, and shows its points and nothing else', function (): void {
    $goal = Made::goal($this->noor, '2027-Q1', ['title' => 'Forty harbours']);
    $serves = ['serves' => [['goal' => $goal->id, 'weight' => '3']]];
    $this->actingAs($this->ingrid)
        ->post('/projects', [...$this->fields, ...$serves])
        ->assertSessionHasErrors('visibility');
    $project = ($this->make)([...$serves, 'countsUnnamed' => true]);
    Made::project($this->noor, [$goal]);
    Made::task($this->ingrid, ['project_id' => $project->id, 'visibility' => Visibility::OnlyMe, 'done_on' => '2027-02-01']);

    $this->actingAs($this->noor);
    $page = $this->props("/goals/$goal->id")['page'];
    $row = collect($page['sum'])->firstWhere('title', 'not visible to you');
    expect($page['goal']['gauge']['progress'])
        ->toEqual(75)
        ->and(array_filter($row, static fn(mixed $value): bool => $value !== null))
        ->toEqual(['title' => 'not visible to you', 'points' => 75.0]);

    // A count would name each of its tasks' days.
    $count = Made::goal($this->noor, '2027-Q1', ['measure' => 'count', 'target_value' => 10]);
    $this->actingAs($this->ingrid)
        ->put("/projects/$project->id", [...$this->fields, 'serves' => [['goal' => $count->id, 'weight' => '1']], 'countsUnnamed' => true])
        ->assertSessionHasErrors('visibility');
    // Nobody else agrees to it for the owner; that they did does not keep others from changing the rest.
    $this->actingAs($this->noor)
        ->post('/projects', [...$this->fields, 'owner' => $this->ingrid->id, 'people' => [$this->noor->id], 'countsUnnamed' => true])
        ->assertSessionHasErrors('countsUnnamed');
    $both = [...$this->fields, ...$serves, 'people' => [$this->noor->id], 'countsUnnamed' => true];
    $this->actingAs($this->ingrid)
        ->put("/projects/$project->id", $both)
        ->assertSessionHasNoErrors();
    $this->actingAs($this->noor)
        ->put("/projects/$project->id", [...$both, 'title' => 'Zanzibar, renamed'])
        ->assertSessionHasNoErrors();
});

it('is written into a plan file for others as what it gives to a sum, so that the figures agree', function (): void {
    $goal = Made::goal($this->noor, '2027-Q1', ['title' => 'Forty harbours']);
    $project = ($this->make)(['serves' => [['goal' => $goal->id, 'weight' => '3']], 'countsUnnamed' => true]);
    Made::task($this->noor, ['project_id' => Made::project($this->noor, [$goal])->id]);

    foreach (['2027-01-20', null] as $done) {
        Made::task($this->ingrid, ['project_id' => $project->id, 'visibility' => Visibility::OnlyMe, 'done_on' => $done]);
    }

    $this->actingAs($this->noor);
    $seen = $this->props("/goals/$goal->id")['page']['goal']['gauge']['progress'];
    $file = tempnam(sys_get_temp_dir(), 'plan');
    file_put_contents((string) $file, json_encode(app(PlanExport::class)->of($this->noor), JSON_THROW_ON_ERROR));
    $this->artisan('plan:compute', ['file' => $file, '--as-of' => Made::TODAY])
        ->expectsOutputToContain('"progress": 0.375')
        ->assertSuccessful();
    expect($seen)->toEqual(37.5);
});

it('is left and entered by tasks only so that nobody comes to see more', function (): void {
    $project = ($this->make)();
    $public = Made::project($this->noor);
    $hidden = Made::task($this->ingrid, ['project_id' => $project->id, 'visibility' => Visibility::OnlyMe]);
    $open = Made::task($this->tom);
    $others = Made::task($this->noor);

    $this->actingAs($this->ingrid);
    $this->put("/tasks/$hidden->id/belongs", ['project' => $public->id])->assertSessionHasErrors('project');
    $this->put("/tasks/$others->id/belongs", ['project' => $project->id])->assertSessionHasErrors('project');
    $this->put("/tasks/$open->id/belongs", ['project' => $project->id])->assertSessionHasNoErrors();
    expect($open->refresh()->visibility)->toBe(Visibility::OnlyMe);
    $this->actingAs($this->noor)
        ->get("/tasks/$open->id")
        ->assertNotFound();
    $this->put("/tasks/$others->id/belongs", ['project' => $project->id])->assertSessionHasErrors([
        'project' => 'This project no longer exists.',
    ]);

    $this->actingAs($this->ingrid);
    $this->put("/tasks/$hidden->id", ['owner_id' => $this->noor->id])->assertSessionHasErrors('owner_id');
    $this->put("/tasks/$hidden->id", ['owner_id' => $this->tom->id])->assertSessionHasNoErrors();
    $this->post('/tasks', ['title' => 'x', 'project' => $project->id, 'owner_id' => $this->noor->id])->assertSessionHasErrors('owner_id');
    $this->put("/projects/$project->id/helpers", ['people' => [$this->noor->id]])->assertSessionHasErrors('people');
    $this->put("/projects/$project->id/helpers", ['people' => [$this->tom->id]])->assertSessionHasNoErrors();
});

it('is hidden later, with all that is in it, unless somebody with a part in it would lose sight of it', function (): void {
    $project = Made::project($this->ingrid);
    $task = Made::task($this->noor, ['project_id' => $project->id]);
    $again = RecurringTask::query()->create([
        'title' => 'x',
        'kind' => 'task',
        'owner_id' => $this->ingrid->id,
        'words' => 'every day',
        'rule' => 'FREQ=DAILY',
        'starts_on' => Made::TODAY,
        'project_id' => $project->id,
    ]);
    $brought = Made::task($this->ingrid, ['recurring_task_id' => $again->id, 'occurs_on' => Made::TODAY]);
    $this->actingAs($this->ingrid);
    $this->put("/projects/$project->id", $this->fields)->assertSessionHasErrors([
        'visibility' => 'Noor Aksoy has a task for this project and could no longer see it. '.
            'Hand the task over, or keep the project visible to them.',
    ]);
    expect($project->refresh()->visibility)->toBe(Visibility::Everyone);
    $this->put("/tasks/$task->id", ['owner_id' => $this->tom->id])->assertSessionHasNoErrors();
    $this->put("/projects/$project->id", $this->fields)->assertSessionHasNoErrors();
    expect($task->refresh()->visibility)
        ->toBe(Visibility::OnlyMe)
        ->and($again->refresh()->visibility)
        ->toBe(Visibility::OnlyMe)
        ->and($brought->refresh()->visibility)
        ->toBe(Visibility::OnlyMe);
    $this->actingAs($this->tom)
        ->get("/tasks/$brought->id")
        ->assertOk();
    $this->actingAs($this->noor)
        ->get("/tasks/$brought->id")
        ->assertNotFound();
    $this->actingAs($this->ingrid);

    // Undone as one: all of it is seen again.
    $this->post('/undo')->assertSessionHasNoErrors();
    expect($project->refresh()->visibility)
        ->toBe(Visibility::Everyone)
        ->and($task->refresh()->visibility)
        ->toBe(Visibility::Everyone)
        ->and($again->refresh()->visibility)
        ->toBe(Visibility::Everyone);
});

it('is not hidden again by an undo once somebody else has work in it', function (): void {
    $project = ($this->make)();
    $this->actingAs($this->ingrid)
        ->put("/projects/$project->id", ['title' => 'Zanzibar', 'visibility' => 'everyone'])
        ->assertSessionHasNoErrors();
    $this->actingAs($this->noor)
        ->post('/tasks', ['title' => 'x', 'project' => $project->id])
        ->assertSessionHasNoErrors();
    $this->actingAs($this->ingrid)
        ->post('/undo')
        ->assertSessionHasErrors('undo');
    expect($project->refresh()->visibility)->toBe(Visibility::Everyone);
});

it('keeps its people while a group changes, by hand and by undo', function (): void {
    $project = ($this->make)();
    $this->post('/tasks', ['title' => 'x', 'project' => $project->id, 'owner_id' => $this->tom->id])->assertSessionHasNoErrors();
    $this->actingAs($this->noor)
        ->put("/groups/{$this->workshop->id}", ['name' => 'The workshop', 'people' => [$this->noor->id]])
        ->assertSessionHasErrors('people');
    expect(Membership::query()->where('person_id', $this->tom->id)->count())->toBe(1);
    $this->delete("/groups/{$this->workshop->id}")->assertSessionHasErrors('group');
});

it('is named nowhere where everyone reads along', function (): void {
    $project = ($this->make)();
    $series = Made::series([$this->ingrid, $this->noor]);
    $this->actingAs($this->ingrid);
    $this->post("/series/$series->id/issues", ['title' => 'x', 'project' => $project->id])->assertSessionHasErrors([
        'project' => 'This project is not visible to everyone, so it cannot be named here.',
    ]);
    $this->post('/decisions', ['words' => 'x', 'on' => Made::TODAY, 'project' => $project->id])->assertSessionHasErrors('project');
    $this->post("/projects/$project->id/template")->assertSessionHasErrors('project');
    $this->post('/retrospectives', [
        'title' => 'x',
        'project' => $project->id,
        'people' => [$this->noor->id],
        'questions' => 'x',
    ])->assertSessionHasErrors('project');
    $this->post('/retrospectives', [
        'title' => 'x',
        'project' => $project->id,
        'people' => [$this->tom->id],
        'questions' => 'x',
    ])->assertSessionHasNoErrors();
    expect(Retrospective::query()->where('project_id', $project->id)->count())->toBe(1);
});

it('is handed over with the rest of a leaver’s work only to somebody who sees it', function (): void {
    $shared = ($this->make)();
    $own = ($this->make)(['visibility' => 'only_me', 'groups' => []]);
    $this->actingAs($this->noor)
        ->post("/people/{$this->ingrid->id}/aside", ['heir' => $this->tom->id])
        ->assertSessionHasNoErrors();
    expect($shared->refresh()->owner_id)
        ->toBe($this->tom->id)
        ->and($own->refresh()->owner_id)
        ->toBe($this->ingrid->id);
});

it('says who may see it to those who do', function (): void {
    $project = ($this->make)();
    $this->actingAs($this->tom);
    $page = $this->props("/projects/$project->id")['page'];
    expect($page['seenBy'])
        ->toBe(['Ingrid Solheim', 'The workshop'])
        ->and($page['project']['isPrivate'])
        ->toBeTrue()
        ->and($page['mayChange'])
        ->toBeFalse();
    $this->actingAs($this->ingrid);
    expect($this->props("/projects/$project->id/edit")['page']['project'])->toMatchArray([
        'visibility' => 'chosen',
        'groups' => [$this->workshop->id],
        'people' => [],
        'countsUnnamed' => false,
    ]);
    $this->put("/projects/$project->id", ['title' => 'x', 'visibility' => 'chosen'])->assertSessionHasErrors('visibility');
    $this->post('/projects', ['title' => 'x', 'visibility' => 'chosen', 'people' => [99]])->assertSessionHasErrors('people.0');
    $this->post('/projects', ['title' => 'x', 'visibility' => 'nobody'])->assertSessionHasErrors('visibility');
    expect($project->refresh()->state)->toBe(ProjectState::Active);
});
