<?php

declare(strict_types=1);

use App\Models\AgreedChange;
use App\Models\Retrospective;
use App\Models\RetrospectiveAnswer;
use App\Models\Role;
use App\Models\Task;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->me = Made::person(Role::Lead, 'Noor Aksoy');
    $this->priya = Made::person(name: 'Priya Raman');
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->actingAs($this->me);
    $this->begin = function (array $more = []): Retrospective {
        $this->post('/retrospectives', [
            'title' => 'The rollout',
            'questions' => "What went well?\n\n  What did not?  \n",
            'people' => [$this->priya->id],
            ...$more,
        ])->assertSessionHasNoErrors();

        return Retrospective::query()->orderByDesc('id')->firstOrFail();
    };
    $this->write = fn(Retrospective $of, string $words, int $place = 0) => $this->put("/retrospectives/{$of->id}/answers", [
        'question' => $of->questions->get($place)->id,
        'words' => $words,
    ]);
    $this->agree = fn(Retrospective $of, array $more = []) => $this->post("/retrospectives/{$of->id}/changes", [
        'words' => 'Two crews on every trip',
        'owner' => $this->priya->id,
        'by' => '2027-03-01',
        'sign' => 'No day lost.',
        ...$more,
    ]);
    $this->seen = fn($person, Retrospective $of): array => $this->actingAs($person)->props("/retrospectives/{$of->id}")['page'];
    $this->finish = function (Retrospective $of): void {
        $this->actingAs($this->me)->post("/retrospectives/{$of->id}/show")->assertSessionHasNoErrors();
        $this->post("/retrospectives/{$of->id}/finish")->assertSessionHasNoErrors();
    };
});

it('asks each question in its order, of everybody who takes part and of who holds it', function (): void {
    $page = ($this->seen)($this->priya, ($this->begin)());

    expect(array_column($page['questions'], 'words'))
        ->toBe(['What went well?', 'What did not?'])
        ->and(array_column($page['participants'], 'name'))
        ->toBe(['Noor Aksoy', 'Priya Raman'])
        ->and($page['holds'])
        ->toBeFalse();
});

it('lets nobody see what others wrote until it is shown, and then everybody, to the letter', function (): void {
    $of = ($this->begin)();
    ($this->write)($of, "The crane.\n\n  And the tide. ");
    $this->actingAs($this->priya);
    ($this->write)($of, 'The papers.', 1);
    $mine = ($this->seen)($this->me, $of);

    expect(array_column($mine['questions'], 'own'))
        ->toBe(["The crane.\n\n  And the tide. ", ''])
        ->and(array_column($mine['questions'], 'others'))
        ->toBe([[], []])
        ->and($mine['written'])
        ->toEqualCanonicalizing([$this->me->id, $this->priya->id]);
    $this->post("/retrospectives/{$of->id}/show");

    expect(($this->seen)($this->priya, $of)['questions'][0]['others'][0]['words'])
        ->toBe("The crane.\n\n  And the tide. ")
        ->and(($this->seen)($this->me, $of)['questions'][1]['others'][0]['words'])
        ->toBe('The papers.');
});

it('is not there for anybody who takes no part, a lead included', function (): void {
    $of = ($this->begin)();
    $lead = Made::person(Role::Lead, 'Elif Demir');

    foreach ([$this->mei, $lead] as $other) {
        $this->actingAs($other)->get("/retrospectives/{$of->id}")->assertNotFound();
        ($this->write)($of, 'Words')->assertNotFound();
        ($this->agree)($of)->assertNotFound();
        $this->post("/retrospectives/{$of->id}/show")->assertNotFound();
        expect($this->props('/retrospectives')['page']['all'])->toBe([]);
    }

    $this->actingAs($this->priya)->post("/retrospectives/{$of->id}/show")->assertForbidden();
});

it('ends in changes that are tasks of their owners', function (): void {
    $of = ($this->begin)();
    $this->actingAs($this->priya);
    ($this->agree)($of)->assertSessionHasNoErrors();
    $task = Task::query()->sole();

    expect([$task->title, $task->owner_id, (string) $task->due_on])
        ->toBe(['Two crews on every trip', $this->priya->id, '2027-03-01'])
        ->and(($this->seen)($this->me, $of)['changes'][0])
        ->toMatchArray(['words' => 'Two crews on every trip', 'sign' => 'No day lost.', 'isDone' => false]);
});

it('refuses a change without an owner who takes part, a day or a sign', function (array $more, string $field): void {
    $of = ($this->begin)();
    ($this->agree)($of, $more)->assertSessionHasErrors($field);

    expect(Task::query()->count())->toBe(0)->and(AgreedChange::query()->count())->toBe(0);
})->with([
    'a day that is none' => [['by' => 'soon'], 'by'],
    'no sign' => [['sign' => ' '], 'sign'],
    'nothing to do' => [['words' => ''], 'words'],
]);

it('names who takes no part', function (): void {
    ($this->agree)(($this->begin)(), ['owner' => $this->mei->id])->assertSessionHasErrors([
        'owner' => 'Mei Tanaka takes no part in this retrospective.',
    ]);
});

it('asks about its changes at the next one of the same project, until they were judged for good', function (): void {
    $project = Made::project($this->me);
    $of = ($this->begin)(['project' => $project->id]);
    ($this->agree)($of);
    ($this->finish)($of);
    $change = AgreedChange::query()->sole();
    $elsewhere = ($this->begin)();
    $next = ($this->begin)(['project' => $project->id, 'people' => [$this->priya->id, $this->mei->id]]);

    expect(($this->seen)($this->me, $elsewhere)['earlier'])
        ->toBe([])
        ->and(array_column(($this->seen)($this->priya, $next)['earlier'], 'words'))
        ->toBe(['Two crews on every trip'])
        ->and(($this->seen)($this->mei, $next)['earlier'])
        ->toBe([]);
    $this->actingAs($this->priya)
        ->put("/agreed-changes/{$change->id}", ['verdict' => 'early', 'seen' => null])
        ->assertSessionHasNoErrors();
    $this->actingAs($this->mei)->put("/agreed-changes/{$change->id}", ['verdict' => 'worked', 'seen' => null])->assertNotFound();
    Made::later('2027-03-10');
    $this->actingAs($this->me);
    $third = ($this->begin)(['project' => $project->id]);
    $this->put("/agreed-changes/{$change->id}", ['verdict' => 'worked', 'seen' => 'Three trips.']);
    expect(($this->seen)($this->me, $third)['earlier'][0])->toMatchArray(['verdict' => 'worked', 'seen' => 'Three trips.']);
    Made::later('2027-04-10');
    $fourth = ($this->begin)(['project' => $project->id]);

    expect(($this->seen)($this->me, $fourth)['earlier'])->toBe([]);
});

it('is finished only after all was shown, and nobody writes in it then', function (): void {
    $of = ($this->begin)();
    $this->post("/retrospectives/{$of->id}/finish")->assertSessionHasErrors([
        'retrospective' => 'Show everybody what was written first.',
    ]);
    ($this->finish)($of);
    ($this->write)($of, 'Too late.')->assertSessionHasErrors('retrospective');
    ($this->agree)($of)->assertSessionHasErrors('retrospective');
    $this->delete("/retrospectives/{$of->id}")->assertSessionHasErrors('retrospective');
    $this->post("/retrospectives/{$of->id}/reopen");
    ($this->write)($of, 'In time.')->assertSessionHasNoErrors();

    expect(RetrospectiveAnswer::query()->sole()->words)->toBe('In time.');
});

it('does not take back what was agreed on in one that is finished, nor its beginning once others wrote', function (): void {
    $of = ($this->begin)();
    $this->actingAs($this->priya);
    ($this->write)($of, 'The papers.');
    $this->actingAs($this->me)->post('/undo')->assertSessionHasErrors('undo');
    ($this->agree)($of);
    ($this->finish)($of);
    $this->post('/undo')->assertSessionHasNoErrors();
    expect($of->refresh()->finished_at)->toBeNull();
    $this->post("/retrospectives/{$of->id}/finish");
    $agreed = DB::table('changes')->where('words', 'like', 'Agreed on%')->value('batch');
    $this->post("/undo/$agreed")->assertSessionHasErrors(['undo' => 'This retrospective is finished. Reopen it first.']);

    expect(AgreedChange::query()->count())->toBe(1)->and(RetrospectiveAnswer::query()->count())->toBe(1);
});

it('is deleted by who holds it while nobody else wrote, and comes back whole', function (): void {
    $of = ($this->begin)();
    ($this->write)($of, 'The crane.');
    $this->delete("/retrospectives/{$of->id}")->assertSessionHasNoErrors();
    expect(Retrospective::query()->count())->toBe(0);
    $this->post('/undo')->assertSessionHasNoErrors();
    expect(($this->seen)($this->me, $of)['questions'][0]['own'])->toBe('The crane.');
    $this->actingAs($this->priya);
    ($this->write)($of, 'The papers.');
    $this->actingAs($this->me)->delete("/retrospectives/{$of->id}")->assertSessionHasErrors([
        'retrospective' => 'Others have written in it, so it cannot be deleted.',
    ]);
});

it('refuses one that asks nothing, or more than people answer', function (string $questions): void {
    $this->post('/retrospectives', ['title' => 'X', 'questions' => $questions, 'people' => []])->assertSessionHasErrors('questions');
    expect(Retrospective::query()->count())->toBe(0);
})->with(['none' => '', 'blank lines' => "\n  \n", 'thirteen' => implode("\n", range(1, 13))]);

it('begins the next one with the questions that were asked last', function (): void {
    expect($this->props('/retrospectives')['page']['questions'])->toHaveCount(4);
    ($this->begin)();
    expect($this->props('/retrospectives')['page']['questions'])->toBe(['What went well?', 'What did not?']);
});
