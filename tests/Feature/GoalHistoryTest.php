<?php

declare(strict_types=1);

use App\Models\Goal;
use App\Models\Notification;
use App\Models\Person;
use App\Models\Reading;
use App\Models\Role;
use App\Models\Visibility;
use App\Queries\Goals\GoalChanges;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->lead = Made::person(Role::Lead, 'Noor Aksoy');
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->goal = Made::goal($this->mei, '2027-Q1', [
        'title' => 'First harbours',
        'measure' => 'number',
        'start_value' => 0,
        'target_value' => 31,
    ]);
    $this->history = fn(?string $on = null): array => array_map(
        fn(array $entry): string => trim("{$entry['kind']}: {$entry['who']} {$entry['words']} {$entry['text']}"),
        $this->props("/goals/{$this->goal->id}".($on === null ? '' : "?on=$on"))['page']['history'],
    );
});

it('keeps what is said, read, estimated and changed in a history, as of any day', function (): void {
    $this->actingAs($this->mei);
    $this->post("/goals/{$this->goal->id}/readings", ['on' => '2027-02-01', 'value' => '4']);
    $this->post("/goals/{$this->goal->id}/comments", ['words' => 'The float is back.']);
    $this->post("/goals/{$this->goal->id}/estimates", ['chance' => 70, 'line' => 'Two crews.']);
    Made::later('2027-02-12');
    $this->actingAs($this->lead);
    $this->put("/goals/{$this->goal->id}", [
        'title' => 'First harbours',
        'period' => '2027-Q1',
        'measure' => 'number',
        'start' => '0',
        'target' => '28',
        'owner' => $this->mei->id,
    ])->assertSessionHasNoErrors();
    $this->post("/goals/{$this->goal->id}/close", ['result' => 'in_part', 'line' => 'Close.']);
    $this->post("/goals/{$this->goal->id}/reopen");

    expect(($this->history)())
        ->toBe([
            'closing: Noor Aksoy reopened it',
            'closing: Noor Aksoy closed it as met in part Close.',
            'change: Noor Aksoy Target 31 → 28',
            'comment: Mei Tanaka  The float is back.',
            'estimate: Mei Tanaka 70% likely Two crews.',
            'reading: Mei Tanaka entered 4',
        ])
        ->and(($this->history)('2027-02-11'))
        ->toHaveCount(3)
        ->and(($this->history)('2027-02-05'))
        ->toHaveCount(1);
});

it('tells owner and followers, once they look, and no one who may not see the goal', function (): void {
    $kwame = Made::person(name: 'Kwame Boateng');
    $this->actingAs($kwame)->post("/goals/{$this->goal->id}/following");
    $this->actingAs($this->lead)->post("/goals/{$this->goal->id}/comments", ['words' => 'Jutland first?']);

    foreach ([$this->mei, $kwame] as $told) {
        $props = $this->actingAs($told)->props('/updates');
        expect($props['frame']['updates'])
            ->toBe(1)
            ->and($props['page']['unread'][0]['words'])
            ->toBe('said: Jutland first?');
    }

    expect($this->actingAs($this->lead)->props('/updates')['frame']['updates'])->toBe(0);

    $this->actingAs($kwame)->post('/updates/read');
    expect($this->props('/updates')['frame']['updates'])
        ->toBe(0)
        ->and($this->props('/updates')['page']['earlier'])
        ->toHaveCount(1);

    $this->goal->update(['visibility' => 'only_me']);
    expect($this->props('/updates')['page']['earlier'])->toBe([]);
    $this->actingAs($this->mei)->post("/goals/{$this->goal->id}/comments", ['words' => 'Only for me.']);
    expect(Notification::query()->where('person_id', $kwame->id)->count())->toBe(1);
    $this->actingAs($kwame)
        ->delete("/goals/{$this->goal->id}/following")
        ->assertNotFound();
});

it('lets only the owner estimate and only the writer take out', function (): void {
    $this->actingAs($this->lead)
        ->from('/year')
        ->post("/goals/{$this->goal->id}/estimates", ['chance' => 70])
        ->assertSessionHasErrors(['chance' => 'Only Mei Tanaka can update the estimate.']);
    $this->actingAs($this->mei)
        ->post("/goals/{$this->goal->id}/estimates", ['chance' => 101])
        ->assertSessionHasErrors('chance');
    $this->post("/goals/{$this->goal->id}/estimates", ['chance' => 100]);
    $estimate = $this->goal->estimates()->firstOrFail();

    $this->actingAs($this->lead)
        ->delete("/estimates/$estimate->id")
        ->assertForbidden();
    $this->actingAs($this->mei)
        ->delete("/estimates/$estimate->id")
        ->assertSessionHasNoErrors();
    expect($this->goal->estimates()->count())->toBe(0);
});

it('says how good estimates were from five closed goals on', function (): void {
    $this->actingAs($this->mei);

    foreach ([90, 90, 90, 90, 90] as $chance) {
        expect($this->props("/goals/{$this->goal->id}")['page']['estimate']['owner'])->toBeNull();
        $goal = Made::goal($this->mei, '2027-Q1', ['measure' => 'yes_no']);
        Made::later(Made::TODAY);
        $this->post("/goals/$goal->id/estimates", ['chance' => $chance])->assertSessionHasNoErrors();
        $this->post("/goals/$goal->id/close", ['result' => 'not_met'])->assertSessionHasNoErrors();
    }

    expect($this->props("/goals/{$this->goal->id}")['page']['estimate']['owner'])->toBe(
        'The estimates of Mei Tanaka were 90 points too high over 5 closed goals (Brier score 0.81).',
    );
});

it('says where the owner and the pace disagree', function (): void {
    foreach (
        ['2026-12-31' => 0, '2027-01-10' => 1, '2027-01-17' => 2, '2027-01-24' => 3, '2027-01-31' => 4, '2027-02-07' => 5] as $on => $value
    ) {
        Reading::query()->create(['goal_id' => $this->goal->id, 'on' => $on, 'value' => $value, 'entered_by' => $this->mei->id]);
    }

    $this->actingAs($this->mei)->post("/goals/{$this->goal->id}/estimates", ['chance' => 90]);

    expect($this->goal->estimates()->firstOrFail()->computed)
        ->toBe(0)
        ->and($this->props("/goals/{$this->goal->id}")['page']['estimate']['disagree'])
        ->toBe('The estimate of Mei Tanaka is 90 points above the forecast.');
});

it('judges a direction in words', function (): void {
    $goal = Made::goal($this->mei, '2027-Q1', ['measure' => 'judged']);
    $this->actingAs($this->mei)->post("/goals/$goal->id/judgements", ['direction' => 'forward', 'line' => 'Two rang by themselves.']);
    $this->post("/goals/$goal->id/judgements", ['direction' => 'up', 'line' => 'x'])->assertSessionHasErrors('direction');
    $this->post("/goals/{$this->goal->id}/judgements", ['direction' => 'forward', 'line' => 'x'])->assertSessionHasErrors([
        'direction' => 'This goal is not judged in words.',
    ]);
    $this->post("/goals/$goal->id/estimates", ['chance' => 50])->assertSessionHasErrors('chance');

    expect($goal->judgements()->count())
        ->toBe(1)
        ->and($this->props("/goals/$goal->id")['page']['history'][0]['words'])
        ->toBe('forward');
});

it('takes a column out of a spreadsheet, all of it or nothing', function (): void {
    $this->actingAs($this->mei)
        ->post("/goals/{$this->goal->id}/readings/column", ['text' => "3\n4\n5", 'last' => '2027-02-08'])
        ->assertSessionHasNoErrors();
    expect($this->goal->readings()->get()->map(fn(Reading $reading): string => "$reading->on $reading->value")->all())->toBe([
        '2027-01-25 3',
        '2027-02-01 4',
        '2027-02-08 5',
    ]);

    $this->post("/goals/{$this->goal->id}/readings/column", ['text' => "6\nmany", 'last' => '2027-02-08'])->assertSessionHasErrors('text');
    $this->post("/goals/{$this->goal->id}/readings/column", ['text' => "6\n7", 'last' => '2027-02-12'])->assertSessionHasErrors([
        'text' => 'A reading cannot be dated in the future: 2027-02-12.',
    ]);
    expect(Reading::query()->count())->toBe(3);

    $this->post('/undo/'.DB::table('activity_log')->orderBy('id')->value('batch_uuid'));
    expect(Reading::query()->count())
        ->toBe(0)
        ->and(Goal::query()->count())
        ->toBe(1);
});

it('corrects a reading', function (): void {
    $reading = Reading::query()->create(['goal_id' => $this->goal->id, 'on' => '2027-02-01', 'value' => 4, 'entered_by' => $this->mei->id]);

    $this->actingAs(Made::person())
        ->put("/readings/$reading->id", ['on' => '2027-02-02', 'value' => '9'])
        ->assertForbidden();
    $this->actingAs($this->mei)
        ->put("/readings/$reading->id", ['on' => '2027-02-02', 'value' => '9'])
        ->assertSessionHasNoErrors();
    $this->put("/readings/$reading->id", ['on' => '2027-12-02', 'value' => '9'])->assertSessionHasErrors('on');
    expect((string) $reading->refresh()->on)
        ->toBe('2027-02-02')
        ->and($reading->value + 0)
        ->toEqual(9);
});

it('says in words what was changed about a goal, and names no goal that its reader may not see', function (): void {
    $hidden = Made::goal($this->lead, '2027', ['title' => 'Sell the yard', 'visibility' => Visibility::OnlyMe]);
    $open = Made::goal($this->lead, '2027', ['title' => 'Forty harbours']);
    $goal = Made::goal($this->mei, '2027-Q1', ['unit' => 'm']);
    $said = fn(string $column, mixed $before, mixed $now, ?Person $reader = null): array => app(GoalChanges::class)->of(
        $goal,
        [$column => $before],
        [$column => $now],
        $reader,
    );

    foreach (
        [
            ['title', 'First harbours', 'Ten harbours', 'Title “First harbours” → “Ten harbours”'],
            ['period', '2027-Q1', '2027-Q2', 'Period Q1 2027 → Q2 2027'],
            ['period', '2026-Q1', '2027-Q1', 'Period Q1 2026 → Q1 2027'],
            ['period', '2027', '2027-W05', 'Period 2027 → Week 5 2027'],
            ['weight', '1', '2.5', 'Weight 1 → 2.5'],
            ['owner_id', $this->mei->id, $this->lead->id, 'Owner Mei Tanaka → Noor Aksoy'],
            ['owner_id', $this->mei->id, 999, 'Owner Mei Tanaka → somebody'],
            ['measure', 'work', 'number', 'Measured by the work → a number'],
            ['measure', 'keep', 'count', 'Measured by a limit to keep → a count'],
            ['measure', 'yes_no', 'judged', 'Measured by yes or no → words'],
            ['start_value', null, '3', 'Start none → 3 m'],
            ['target_value', '31', '28', 'Target 31 m → 28 m'],
            ['limit_value', '5', null, 'Limit 5 m → none'],
            ['share', '0.9', '0.75', 'Share to keep 90% → 75%'],
            ['visibility', 'everyone', 'only_me', 'Visible to everyone → only me'],
        ] as [$column, $before, $now, $words]
    ) {
        expect($said($column, $before, $now, $this->mei))->toBe([$words]);
    }

    expect($said('parent_id', $open->id, $hidden->id, $this->mei))
        ->toBe(['Contributes to Forty harbours → a goal not visible to you'])
        ->and($said('parent_id', $open->id, $hidden->id, $this->lead))
        ->toBe(['Contributes to Forty harbours → Sell the yard'])
        ->and($said('parent_id', null, $open->id, $this->mei))
        ->toBe(['Contributes to none → Forty harbours'])
        // To several at once no name is said at all.
        ->and($said('parent_id', $open->id, $hidden->id))
        ->toBe(['a different goal above'])
        // What nobody asks about, and what reads as before, is no change.
        ->and($said('updated_at', 'x', 'y', $this->mei))
        ->toBe([])
        ->and($said('weight', '1', '1.0', $this->mei))
        ->toBe([]);
});
