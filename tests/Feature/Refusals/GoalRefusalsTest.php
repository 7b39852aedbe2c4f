<?php

declare(strict_types=1);

use App\Models\Goal;
use App\Models\Group;
use App\Models\Membership;
use App\Models\Role;
use App\Models\Visibility;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->noor = Made::person(Role::Lead, 'Noor Aksoy');
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->elif = Made::person(name: 'Elif Demir');
    $this->year = Made::goal($this->noor);
    $this->quarter = Made::goal($this->noor, '2027-Q1', ['parent_id' => $this->year->id]);
    $this->number = Made::goal($this->noor, '2027-Q1', ['measure' => 'number', 'start_value' => 0, 'target_value' => 10]);
    $this->actingAs($this->noor);
    $this->goal = static fn(array $more = []): array => ['title' => 'Six harbours', 'period' => '2027-Q1', 'measure' => 'work', ...$more];
});

it('sets no goal where there is none above, none before, or no one whose it is', function (): void {
    $hidden = Made::goal($this->mei, '2027', ['visibility' => Visibility::OnlyMe, 'title' => 'Hidden']);

    foreach ([999, $hidden->id] as $id) {
        $this->assertRefused('post', '/goals', ($this->goal)(['parent' => $id]), ['parent' => 'This goal no longer exists.']);
        $this->assertRefused('post', '/goals', ($this->goal)(['predecessor' => $id]), [
            'predecessor' => 'The goal to continue no longer exists.',
        ]);
    }

    $this->assertRefused('post', '/goals', ($this->goal)(['scope' => 'group']), ['group' => 'Choose the group.']);
});

it('lets only a lead make a goal somebody else’s', function (): void {
    $this->actingAs($this->mei);
    $words = ['owner' => 'Only a lead can give a goal to somebody else.'];
    $this->assertRefused('post', '/goals', ($this->goal)(['owner' => $this->elif->id]), $words);
    $own = Made::goal($this->mei, '2027-Q1');
    $this->assertRefused('put', "/goals/$own->id", ($this->goal)(['owner' => $this->noor->id]), $words);

    $this->actingAs($this->noor)->post('/goals', ($this->goal)(['owner' => $this->elif->id]))->assertSessionHasNoErrors();
    expect(Goal::query()->latest('id')->value('owner_id'))->toBe($this->elif->id);
});

it('hides no goal from whoever hides it, and none in another’s name', function (): void {
    $crew = Group::query()->create(['name' => 'Crew']);
    Membership::query()->create(['group_id' => $crew->id, 'person_id' => $this->mei->id]);

    $this->assertRefused('post', '/goals', ($this->goal)(['visibility' => 'only_me', 'owner' => $this->mei->id]), [
        'visibility' => 'A goal visible only to its owner must be your own.',
    ]);
    $this->assertRefused('post', '/goals', ($this->goal)(['visibility' => 'chosen']), [
        'visibility' => 'Choose at least one group or person, or make it visible only to you.',
    ]);
    $this->assertRefused('post', '/goals', ($this->goal)(['visibility' => 'chosen', 'groups' => [$crew->id], 'owner' => $this->mei->id]), [
        'visibility' => 'You would not be able to see it yourself. Add yourself or one of your groups.',
    ]);
    $this->assertRefused(
        'post',
        '/goals',
        ($this->goal)([
            'visibility' => 'chosen',
            'people' => [$this->noor->id],
            'owner' => $this->mei->id,
            'parent' => $this->year->id,
            'countsUnnamed' => true,
        ]),
        ['countsUnnamed' => 'Only Mei Tanaka can choose this.'],
    );
});

it('lets nothing hidden show through what more people see', function (): void {
    $this->assertRefused('post', '/goals', ($this->goal)(['parent' => $this->year->id, 'visibility' => 'only_me']), [
        'visibility' =>
            '“Six harbours” would affect the figure of “Goal of 2027”, which more people can see. Let it count there '.
            'without its name, unlink it, or make it visible to them.',
    ]);
    $this->post('/goals', ($this->goal)(['parent' => $this->year->id, 'visibility' => 'only_me', 'countsUnnamed' => true]));
    expect(Goal::query()->latest('id')->first())->counts_unnamed->toBeTrue();

    $own = Made::goal($this->noor, '2027', ['visibility' => Visibility::OnlyMe, 'title' => 'Mine alone']);
    $this->assertRefused('post', '/goals', ($this->goal)(['parent' => $own->id]), [
        'parent' => '“Mine alone” is visible to fewer people. A goal below it cannot be visible to more.',
    ]);
});

it('hides no goal from those who have tasks for it', function (): void {
    Made::task($this->mei, ['goal_id' => $this->quarter->id, 'title' => 'Cast the sinkers']);
    $wanted = ['title' => 'Goal of 2027-Q1', 'visibility' => 'chosen', 'people' => [$this->noor->id]];
    $this->assertRefused('put', "/goals/{$this->quarter->id}", ($this->goal)($wanted), [
        'visibility' =>
            'Mei Tanaka has a task for this goal and could no longer see it. Hand the task over, or keep the goal visible to them.',
    ]);
});

it('keeps a goal above those beneath it', function (): void {
    $this->assertRefused('put', "/goals/{$this->year->id}", ($this->goal)(['period' => '2027', 'parent' => $this->quarter->id]), [
        'parent' => '“Six harbours” cannot be below “Goal of 2027-Q1”: it would be below itself.',
    ]);
    $this->assertRefused('post', '/goals', ($this->goal)(['period' => '2027', 'parent' => $this->quarter->id]), [
        'parent' => '“Six harbours” cannot be below “Goal of 2027-Q1”: a year goal cannot contribute to a quarter goal.',
    ]);
    $this->assertRefused('post', '/goals', ($this->goal)(['period' => '2028-Q1', 'parent' => $this->year->id]), [
        'parent' => '“Six harbours” cannot be below “Goal of 2027”: 2028-Q1 is not within 2027.',
    ]);
    Made::goal($this->noor, '2027-02', ['parent_id' => $this->quarter->id, 'title' => 'February']);
    $this->assertRefused('put', "/goals/{$this->quarter->id}", ($this->goal)(['period' => '2027-W06']), [
        'period' => '“February” cannot be below “Six harbours”: a month goal cannot contribute to a week goal.',
    ]);
});

it('takes readings only of what is judged by them', function (): void {
    $this->assertRefused(
        'post',
        "/goals/{$this->quarter->id}/readings",
        ['on' => '2027-02-10', 'value' => '3'],
        [
            'value' => 'This goal is not measured by readings.',
        ],
    );
    $this->assertRefused(
        'post',
        "/goals/{$this->quarter->id}/readings/column",
        ['text' => '3', 'last' => '2027-02-10'],
        [
            'text' => 'This goal is not measured by readings.',
        ],
    );
    $this->assertRefused(
        'post',
        "/goals/{$this->number->id}/readings",
        ['on' => '2027-02-11', 'value' => '3'],
        [
            'on' => 'A reading cannot be dated in the future: 2027-02-11.',
        ],
    );
});

it('closes a goal with answers that agree, and once', function (): void {
    $close = fn(array $sent, array $errors) => $this->assertRefused('post', "/goals/{$this->number->id}/close", $sent, $errors);
    $close(['result' => 'met', 'rest' => 'carried'], ['rest' => 'A goal that is met has nothing left to carry over.']);
    $close(
        ['result' => 'stopped', 'line' => 'No longer needed', 'rest' => 'split', 'titles' => "One\nTwo"],
        [
            'rest' => 'A goal that is stopped is not carried over. Shelve the rest, or choose “not met”.',
        ],
    );
    $close(
        ['result' => 'not_met', 'rest' => 'split', 'titles' => "One\n  "],
        [
            'titles' => 'Enter at least two goals to split it into, one per line.',
        ],
    );
    $close(
        ['result' => 'not_met', 'rest' => 'shelved', 'returnOn' => '2027-02-10'],
        [
            'returnOn' => 'Choose a return date in the future, or leave it empty.',
        ],
    );

    $this->post("/goals/{$this->number->id}/close", ['result' => 'met'])->assertSessionHasNoErrors();
    $close(['result' => 'not_met'], ['result' => 'This goal was closed on 2027-02-10. Reopen it first.']);
    expect($this->number->refresh()->result->value)->toBe('met');
});

it('reopens only what is closed, and what is not carried on by another', function (): void {
    $this->assertRefused('post', "/goals/{$this->quarter->id}/reopen", [], ['goal' => 'This goal is already open.']);
    // From before closings were logged.
    $old = Made::goal($this->noor, '2027-Q1', ['title' => 'Old', 'closed_on' => '2027-02-01', 'result' => 'not_met']);
    Made::goal($this->noor, '2027-Q2', ['title' => 'New', 'predecessor_id' => $old->id]);
    $this->assertRefused(
        'post',
        "/goals/$old->id/reopen",
        [],
        [
            'goal' => '“New” continues it in 2027-Q2, and both would count. Drop that one first.',
        ],
    );
});

it('takes estimates from the owner alone, and judgements in words where there are no figures', function (): void {
    $judged = Made::goal($this->noor, '2027-Q1', ['measure' => 'judged']);
    $closed = ['closed_on' => '2027-02-01', 'result' => 'met'];
    $sure = ['chance' => 60];
    $line = ['direction' => 'forward', 'line' => 'Crew two went out alone.'];

    $this->assertRefused('post', "/goals/$judged->id/estimates", $sure, ['chance' => 'This goal is judged in words and has no chance.']);
    $this->assertRefused('post', "/goals/{$this->quarter->id}/judgements", $line, ['direction' => 'This goal is not judged in words.']);
    $this->actingAs($this->mei);
    $this->assertRefused('post', "/goals/{$this->quarter->id}/estimates", $sure, ['chance' => 'Only Noor Aksoy can update the estimate.']);
    $this->actingAs($this->noor);
    $judged->update($closed);
    $this->quarter->update($closed);
    $this->assertRefused('post', "/goals/$judged->id/judgements", $line, ['direction' => 'This goal is closed. Reopen it first.']);
    $this->assertRefused('post', "/goals/{$this->quarter->id}/estimates", $sure, [
        'chance' => 'This goal is closed, so its result is known.',
    ]);
});
