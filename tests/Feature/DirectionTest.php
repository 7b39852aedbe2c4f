<?php

declare(strict_types=1);

use App\Models\Area;
use App\Models\Jot;
use App\Models\LongTermGoal;
use App\Models\RecurringTask;
use App\Models\Role;
use App\Models\Task;
use App\Models\Visibility;
use App\Models\Workspace;
use Loftrin\Core\Work\ProjectState;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->lead = Made::person(Role::Lead, 'Noor Aksoy');
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->actingAs($this->lead);
});

it('holds a purpose, longTermGoals and a motto with its why, in sight where a day begins', function (): void {
    $this->put('/purpose', ['purpose' => 'Water that is measured is looked after.'])->assertSessionHasNoErrors();
    $this->post('/long-term-goals', [
        'title' => 'Every harbour measures',
        'on' => '2030-12-31',
        'why' => 'Because.',
    ])->assertSessionHasNoErrors();
    $this->put('/periods/2027/words', ['words' => 'Calm water', 'why' => 'We ran last year.'])->assertSessionHasNoErrors();

    $page = $this->props('/direction')['page'];
    expect($page['longTerm']['purpose'])
        ->toBe('Water that is measured is looked after.')
        ->and($page['longTerm']['longTermGoals'][0]['title'])
        ->toBe('Every harbour measures')
        ->and($page['year']['why'])
        ->toBe('We ran last year.')
        ->and($this->props('/')['page']['longTerm'])
        ->toBe($page['longTerm'])
        ->and($this->props('/')['frame']['rail']['motto'])
        ->toBe('Calm water');

    $this->put('/purpose', ['purpose' => '']);
    expect(Workspace::query()->firstOrFail()->purpose)->toBeNull();
});

it('is the leads’ to say', function (): void {
    $longTermGoal = LongTermGoal::query()->create(['title' => 'x', 'on' => '2030-01-01']);
    $this->actingAs($this->mei);

    $this->put('/purpose', ['purpose' => 'x'])->assertForbidden();
    $this->post('/long-term-goals', ['title' => 'x', 'on' => '2030-01-01'])->assertForbidden();
    $this->delete("/long-term-goals/$longTermGoal->id")->assertForbidden();
    $this->put('/periods/2027/words', ['words' => 'x'])->assertForbidden();
    $this->post('/areas', ['name' => 'x', 'kind' => 'area'])->assertForbidden();
    $this->get('/direction/2027')->assertOk();
    $this->get('/direction/2027-Q1')->assertNotFound();
});

it('keeps to three long-term goals beyond this year', function (): void {
    $this->post('/long-term-goals', ['title' => 'Too soon', 'on' => '2027-12-31'])->assertSessionHasErrors('on');

    foreach (['2028', '2029', '2030'] as $year) {
        $this->post('/long-term-goals', ['title' => $year, 'on' => "$year-01-01"])->assertSessionHasNoErrors();
    }

    $this->post('/long-term-goals', ['title' => 'One more', 'on' => '2031-01-01'])->assertSessionHasErrors([
        'title' => 'There can be three long-term goals. Edit or delete one first.',
    ]);
});

it('hangs year goals on an long-term goal and places them in quarters', function (): void {
    $longTermGoal = LongTermGoal::query()->create(['title' => 'Every harbour measures', 'on' => '2030-01-01']);
    $year = Made::goal($this->lead, '2027');
    $quarter = Made::goal($this->lead, '2027-Q1', ['parent_id' => $year->id]);

    $this->put("/goals/$year->id/place", ['longTermGoal' => $longTermGoal->id, 'quarters' => [3, 1]])->assertSessionHasNoErrors();
    $this->put("/goals/$year->id/place", ['quarters' => [5]])->assertSessionHasErrors('quarters.0');
    $this->put("/goals/$quarter->id/place", ['quarters' => [1]])->assertSessionHasErrors('quarters');

    expect($year->refresh()->quarters)
        ->toBe([1, 3])
        ->and($this->props("/goals/$quarter->id")['page']['longTermGoal']['title'])
        ->toBe('Every harbour measures');

    $this->delete("/long-term-goals/$longTermGoal->id");
    expect($year->refresh()->long_term_goal_id)->toBeNull();
    $this->post('/undo/'.DB::table('activity_log')->orderByDesc('id')->value('batch_uuid'))->assertSessionHasNoErrors();
    expect($year->refresh()->long_term_goal_id)->toBe($longTermGoal->id);
});

it('shows the main goals of the year and its quarters on the rail', function (): void {
    Made::goal($this->lead, '2027', ['title' => '40 harbours', 'is_main' => true]);
    Made::goal($this->lead, '2027-Q1', ['title' => 'Type approval', 'is_main' => true]);
    $this->put('/periods/2027-Q2/words', ['words' => 'First fifteen']);
    $rail = $this->props('/people')['frame']['rail'];

    expect($rail['mainGoal']['title'])
        ->toBe('40 harbours')
        ->and(array_column($rail['quarters'], 'words'))
        ->toBe(['Type approval', 'First fifteen', null, null])
        // Direction names the same.
        ->and(array_column($this->props('/direction/2027')['page']['quarters'], 'main'))
        ->toBe(['Type approval', null, null, null]);
});

describe('an area', function (): void {
    it('shows what runs there, what comes in, and where its time went', function (): void {
        $area = Area::query()->create(['name' => 'Moorings', 'kind' => 'area', 'owner_id' => $this->mei->id]);
        $goal = Made::goal($this->lead, '2027', ['area_id' => $area->id]);
        $served = Made::project($this->mei, [$goal], more: ['area_id' => $area->id]);
        $upkeep = Made::project($this->mei, more: ['title' => 'Paint', 'area_id' => $area->id]);
        Made::task($this->mei, ['project_id' => $served->id, 'done_on' => '2027-02-01', 'minutes' => 60]);
        Made::task($this->mei, ['project_id' => $upkeep->id, 'done_on' => '2027-02-02', 'minutes' => 20]);
        Made::task($this->mei, ['project_id' => $upkeep->id, 'done_on' => '2026-12-02', 'minutes' => 500]);
        Made::task($this->mei, ['project_id' => $served->id, 'planned' => '2027-W06', 'title' => 'Moor two', 'rank' => 'A']);
        $this->actingAs($this->mei)->post("/areas/$area->id/jots", ['words' => 'Prices rise']);

        $page = $this->actingAs($this->lead)->props("/areas/$area->id")['page'];
        expect($page['forward'])
            ->toBe(60)
            ->and($page['upkeep'])
            ->toBe(20)
            ->and($page['done'])
            ->toHaveCount(2)
            ->and(array_column($page['thisWeek'], 'title'))
            ->toBe(['Moor two'])
            ->and(array_column($page['projects'], 'title'))
            ->toBe(['Moorings Orkney', 'Paint'])
            ->and($page['tray'])
            ->toBe(['Prices rise'])
            ->and($this->props('/areas')['page']['areas'][0])
            ->toMatchArray(['goals' => 1, 'projects' => 2, 'tray' => 1])
            ->and($this->props('/tray')['frame']['tray'])
            ->toBe(0);

        $this->post('/jots/'.Jot::query()->sole()->id.'/task', [
            'title' => 'Look at prices',
            'project' => $served->id,
        ])->assertSessionHasNoErrors();
        expect(Task::query()->where('title', 'Look at prices')->exists())->toBeTrue();
    });

    it('has what comes back in it in its week, until it is done', function (): void {
        $area = Area::query()->create(['name' => 'Moorings', 'kind' => 'area', 'owner_id' => $this->mei->id]);
        $weekly = RecurringTask::query()->create([
            'title' => 'Rinse the tank',
            'owner_id' => $this->mei->id,
            'area_id' => $area->id,
            'words' => 'every Monday',
            'rule' => 'FREQ=WEEKLY',
            'starts_on' => '2027-01-04',
            'visibility' => Visibility::Everyone,
        ]);
        $piece = Made::task($this->mei, ['title' => 'Rinse the tank', 'recurring_task_id' => $weekly->id, 'planned' => '2027-W06']);
        $titles = fn(): array => array_map(
            fn(string $list): array => array_column($this->props("/areas/$area->id")['page'][$list], 'title'),
            ['thisWeek', 'done'],
        );

        expect($titles())->toBe([['Rinse the tank'], []]);
        $this->actingAs($this->mei)->put("/tasks/$piece->id/tick", ['done' => true])->assertSessionHasNoErrors();
        expect($titles())->toBe([[], ['Rinse the tank']]);
    });

    it('lists the first of its tasks and says how many more there are', function (): void {
        $area = Area::query()->create(['name' => 'Moorings', 'kind' => 'area', 'owner_id' => $this->mei->id]);
        $project = Made::project($this->mei, more: ['area_id' => $area->id]);

        for ($number = 0; $number < 33; $number++) {
            Made::task($this->mei, ['project_id' => $project->id, 'planned' => '2027-W06']);
        }

        expect($this->props("/areas/$area->id")['page'])
            ->toMatchArray(['thisWeekMore' => 3])
            ->thisWeek->toHaveCount(30);
    });

    it('is made, changed and removed, with contacts', function (): void {
        $this->post('/areas', ['name' => 'Treasurer', 'kind' => 'role'])->assertSessionHasErrors('owner');
        $this->post('/areas', ['name' => 'Kirkwall', 'kind' => 'client', 'owner' => $this->mei->id])->assertSessionHasNoErrors();
        $this->post('/areas', ['name' => 'Kirkwall', 'kind' => 'area'])->assertSessionHasErrors('name');
        $area = Area::query()->firstOrFail();

        $this->actingAs($this->mei);
        $this->put("/areas/$area->id", [
            'name' => 'Kirkwall Harbour',
            'kind' => 'client',
            'owner' => $this->mei->id,
            'notes' => 'Berth 7',
        ])->assertSessionHasNoErrors();
        $this->post("/areas/$area->id/contacts", ['name' => 'Morag', 'email' => 'not an address'])->assertSessionHasErrors('email');
        $this->post("/areas/$area->id/contacts", ['name' => 'Morag', 'what' => 'harbour master'])->assertSessionHasNoErrors();
        expect($this->props("/areas/$area->id")['page']['contacts'][0]['what'])->toBe('harbour master');
        $this->actingAs(Made::person())
            ->put("/areas/$area->id", ['name' => 'x', 'kind' => 'area'])
            ->assertForbidden();

        $project = Made::project($this->mei, more: ['area_id' => $area->id]);
        $this->actingAs($this->lead)
            ->delete("/areas/$area->id")
            ->assertSessionHasErrors('area');
        $project->update(['area_id' => null]);
        $this->delete("/areas/$area->id")->assertSessionHasNoErrors();
        expect(Area::query()->count())->toBe(0);
    });
});

describe('the shelf', function (): void {
    it('keeps an idea until the return date brings it back to the tray', function (): void {
        $this->post('/shelf', ['words' => 'A buoy for rivers', 'returnOn' => '2027-02-10'])->assertSessionHasErrors('returnOn');
        $this->post('/shelf', ['words' => 'A buoy for rivers', 'returnOn' => '2027-03-01'])->assertSessionHasNoErrors();
        $this->post('/shelf', ['words' => 'A poster'])->assertSessionHasNoErrors();
        expect(array_column($this->props('/shelf')['page']['rows'], 'title'))
            ->toBe(['A buoy for rivers', 'A poster'])
            ->and($this->props('/tray')['frame']['tray'])
            ->toBe(0)
            ->and($this->actingAs($this->mei)->props('/shelf')['page']['rows'])
            ->toBe([]);

        Made::later('2027-03-01');
        $tray = $this->actingAs($this->lead)->props('/tray');
        expect(array_column($tray['page']['items'], 'words'))
            ->toBe(['A buoy for rivers'])
            ->and($tray['frame']['tray'])
            ->toBe(1);
    });

    it('takes a jot off again or lets it go', function (): void {
        $jot = Jot::query()->create(['person_id' => $this->lead->id, 'words' => 'x', 'jotted_on' => Made::TODAY]);
        $this->put("/shelf/idea/$jot->id")->assertSessionHasNoErrors();
        expect($jot->refresh()->shelved_on)->not->toBeNull();
        $this->actingAs($this->mei)
            ->delete("/shelf/idea/$jot->id")
            ->assertNotFound();
        $this->actingAs($this->lead)->post("/shelf/idea/$jot->id/back");
        expect($jot->refresh()->shelved_on)->toBeNull();
        $this->delete("/shelf/idea/$jot->id");
        expect($jot->refresh()->sorted_on)->not->toBeNull();
    });

    it('takes a project’s tasks off all lists and gives them back as they were', function (): void {
        $project = Made::project($this->lead);
        $task = Made::task($this->lead, [
            'project_id' => $project->id,
            'planned' => '2027-W06',
            'due_on' => '2027-02-08',
            'title' => 'Moor two',
        ]);
        $onLists = fn(string $week = '2027-W06'): bool => str_contains(
            (string) json_encode([$this->props('/')['page'], $this->props("/weeks/$week")['page'], $this->props('/people')['page']]),
            'Moor two',
        );
        expect($onLists())->toBeTrue();

        $this->put("/shelf/project/$project->id", ['returnOn' => '2027-06-01'])->assertSessionHasNoErrors();
        expect($onLists())->toBeFalse()->and($project->refresh()->state)->toBe(ProjectState::Shelved);

        Made::later('2027-06-01');
        expect($this->props('/tray')['page']['again'][0]['title'])->toBe('Moorings Orkney');
        $this->post("/shelf/project/$project->id/back")->assertSessionHasNoErrors();
        expect($onLists('2027-W22'))->toBeTrue()->and($task->refresh()->carried)->toBe(0);
        $this->actingAs($this->mei)
            ->put("/shelf/project/$project->id")
            ->assertForbidden();
    });
});
