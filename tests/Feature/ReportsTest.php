<?php

declare(strict_types=1);

use App\Models\Answer;
use App\Models\Area;
use App\Models\Contact;
use App\Models\Decision;
use App\Models\Group;
use App\Models\Letter;
use App\Models\LogLine;
use App\Models\Membership;
use App\Models\Recipient;
use App\Models\Report;
use App\Models\Role;
use App\Models\Task;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->me = Made::person(Role::Lead, 'Noor Aksoy');
    $this->elif = Made::person(Role::Lead, 'Elif Demir');
    $this->priya = Made::person(name: 'Priya Raman');
    $this->goal = Made::goal($this->priya, '2027-Q1', [
        'title' => 'Forty harbours',
        'measure' => 'number',
        'start_value' => 0,
        'target_value' => 40,
    ]);
    $this->goal->readings()->create(['on' => '2027-01-20', 'value' => 10, 'entered_by' => $this->priya->id]);
    $this->secret = Made::goal($this->me, '2027-Q1', ['title' => 'Sell the yard', 'visibility' => 'only_me']);
    $done = ['done_on' => '2027-01-20', 'minutes' => 120, 'created_on' => '2027-01-01'];
    $this->told = Made::task($this->priya, [...$done, 'title' => 'Moor at Burray', 'is_worth_telling' => true]);
    Made::task($this->priya, [...$done, 'title' => 'Wash the van']);
    Made::task($this->me, [...$done, 'title' => 'See a lawyer', 'visibility' => 'only_me', 'is_worth_telling' => true]);
    Decision::query()->create(['words' => 'Two crews.', 'decided_on' => '2027-01-22', 'person_id' => $this->me->id]);
    $this->actingAs($this->me);
    $this->draft = function (string $audience = 'team', array $more = []): Report {
        $this->post('/reports', [
            'audience' => $audience,
            'from' => '2027-01-01',
            'until' => '2027-01-31',
            ...$more,
        ])->assertSessionHasNoErrors();

        return Report::query()->orderByDesc('id')->firstOrFail();
    };
    $this->send = fn(Report $report, array $to) => $this->post("/reports/{$report->id}/send", [
        'people' => [],
        'groups' => [],
        'contacts' => [],
        ...$to,
    ]);
    $this->page = fn(Report $report): array => $this->props("/reports/{$report->id}")['page'];
});

it('drafts a report from what everybody may see, and lets nothing private in by itself', function (): void {
    $words = ($this->draft)()->words;

    expect($words)
        ->toContain("- **Forty harbours** (Priya Raman): {goal {$this->goal->id}: Forty harbours}")
        ->toContain('We finished {done} in {hours}.')
        ->toContain('- Moor at Burray (Priya Raman)')
        ->toContain('- Two crews.')
        ->not->toContain('Sell the yard')
        ->not->toContain('lawyer')
        ->not->toContain('van');
});

it('leaves decisions of private meetings out', function (): void {
    $series = Made::series([$this->me, $this->elif], ['is_private' => true]);
    $meeting = $series->meetings()->create(['on' => '2027-01-18', 'time' => '09:15', 'minutes' => 30, 'opened_at' => now()]);
    $item = $meeting->items()->create(['kind' => 'standing', 'title' => 'Wages', 'minutes' => 5, 'position' => 0]);
    Decision::query()->create(['agenda_item_id' => $item->id, 'words' => 'Elif gets more.', 'decided_on' => '2027-01-18']);

    expect(($this->draft)()->words)->not->toContain('Elif gets more.')->not->toContain('Wages');
});

it('is about one’s own work where it is for a manager', function (): void {
    $report = ($this->draft)('manager');
    $own = Made::task($this->me, ['done_on' => '2027-01-21', 'minutes' => 30, 'created_on' => '2027-01-01']);

    expect($report->words)
        ->not->toContain('Moor at Burray')
        ->not->toContain('Forty harbours')
        ->and(($this->page)($report)['html'])
        ->toContain('I finished 1 task in 1 h.')
        ->and($own->minutes)
        ->toBe(30);
});

it('keeps its figures up to date until it is sent, and shows none of what not everybody may see', function (): void {
    $report = ($this->draft)();
    $this->put("/reports/{$report->id}/words", [
        'words' => "{goal {$this->goal->id}}; {goal {$this->secret->id}}; {done}, {hours}",
        'seen' => ['words' => $report->words],
    ])->assertSessionHasNoErrors();
    $html = fn(): string => strip_tags(($this->page)($report)['html']);

    expect($html())->toContain('10 of 40')->toContain('(no figure: not everyone can see this goal)')->toContain('2 tasks, 4 h');
    $this->goal->readings()->create(['on' => '2027-01-25', 'value' => 20, 'entered_by' => $this->priya->id]);
    $this->put("/tasks/{$this->told->id}/tick", ['done' => false]);
    expect($html())->toContain('20 of 40')->toContain('1 task, 2 h');
    ($this->send)($report, ['people' => [$this->elif->id]])->assertSessionHasNoErrors();
    $this->goal->readings()->create(['on' => '2027-01-27', 'value' => 39, 'entered_by' => $this->priya->id]);
    $this->put("/tasks/{$this->told->id}/tick", ['done' => true]);
    expect($html())->toContain('20 of 40')->toContain('1 task, 2 h');
});

it('is sent to people, to whoever is in a group, and to contacts by e-mail, each once', function (): void {
    $group = Group::query()->create(['name' => 'The leads']);

    foreach ([$this->me, $this->elif] as $person) {
        Membership::query()->create(['group_id' => $group->id, 'person_id' => $person->id]);
    }

    $area = Area::query()->create(['name' => 'Board', 'kind' => 'area', 'owner_id' => $this->me->id]);
    $astrid = Contact::query()->create(['area_id' => $area->id, 'name' => 'Astrid Holm', 'email' => 'astrid@board.example']);
    $report = ($this->draft)('board');
    ($this->send)($report, [
        'people' => [$this->elif->id, $this->priya->id],
        'groups' => [$group->id],
        'contacts' => [$astrid->id],
    ])->assertSessionHasNoErrors();

    expect(Letter::query()->orderBy('id')->get()->map(fn(Letter $letter): array => [$letter->person_id, $letter->outside])->all())
        ->toBe([[$this->elif->id, null], [$this->priya->id, null], [null, 'Astrid Holm <astrid@board.example>']])
        ->and(($this->page)($report)['sentTo'])
        ->toBe(['Elif Demir', 'Priya Raman', 'Astrid Holm <astrid@board.example>']);
    $letters = fn($person): array => array_column($this->actingAs($person)->props('/notifications')['page']['letters'], 'to');
    expect($letters($this->me))
        ->toBe(['Astrid Holm <astrid@board.example>'])
        ->and($letters($this->elif))
        ->toBe([null]);
});

it('refuses to send what says nothing, or to nobody, or to who cannot be reached: and sends to none then', function (): void {
    $report = ($this->draft)();
    $area = Area::query()->create(['name' => 'Board', 'kind' => 'area', 'owner_id' => $this->me->id]);
    $silent = Contact::query()->create(['area_id' => $area->id, 'name' => 'Ewan Rendall']);
    ($this->send)($report, [])->assertSessionHasErrors(['to' => 'Choose at least one person to send it to.']);
    ($this->send)($report, ['people' => [$this->me->id]])->assertSessionHasErrors('to');
    ($this->send)($report, ['people' => [$this->elif->id], 'contacts' => [$silent->id]])->assertSessionHasErrors([
        'to' => 'Ewan Rendall has no e-mail address. Nothing was sent.',
    ]);
    $report->update(['words' => " \n "]);
    ($this->send)($report, ['people' => [$this->elif->id]])->assertSessionHasErrors(['words' => 'This report has no text yet.']);

    expect(Letter::query()->count())
        ->toBe(0)
        ->and(Recipient::query()->count())
        ->toBe(0)
        ->and($report->refresh()->sent_at)
        ->toBeNull();
});

it('stays as it went out: nothing changes it then, undo included', function (): void {
    $report = ($this->draft)();
    $this->put("/reports/{$report->id}", ['title' => 'January']);
    ($this->send)($report, ['people' => [$this->elif->id]]);
    $sent = $report->refresh()->getAttributes();
    $refusal = ['report' => 'This report was sent: it stays as it went out.'];
    $this->put("/reports/{$report->id}/words", ['words' => 'Other'])->assertSessionHasErrors($refusal);
    $this->put("/reports/{$report->id}", ['title' => 'Other'])->assertSessionHasErrors($refusal);
    $this->delete("/reports/{$report->id}")->assertSessionHasErrors($refusal);
    ($this->send)($report, ['people' => [$this->priya->id]])->assertSessionHasErrors($refusal);

    for ($back = 0; $back < 3; $back++) {
        $this->post('/undo');
    }

    expect($report->refresh()->getAttributes())
        ->toBe($sent)
        ->and(Letter::query()->count())
        ->toBe(1);
});

it('is there for its writer, and once it was sent for those who got it', function (): void {
    $report = ($this->draft)();
    $addresses = ["/reports/{$report->id}", "/reports/{$report->id}/markdown", "/reports/{$report->id}/pdf"];

    foreach ($addresses as $address) {
        $this->actingAs($this->elif)->get($address)->assertNotFound();
    }

    ($this->send)($report, ['people' => [$this->priya->id]])->assertNotFound();
    $this->actingAs($this->me);
    ($this->send)($report, ['people' => [$this->priya->id]])->assertSessionHasNoErrors();

    foreach ($addresses as $address) {
        $this->actingAs($this->priya)->get($address)->assertOk();
        $this->actingAs($this->elif)->get($address)->assertNotFound();
    }

    $got = $this->actingAs($this->priya)->props("/reports/{$report->id}")['page'];
    expect($got['isMine'])
        ->toBeFalse()
        ->and([$got['figures'], $got['lines'], $got['people']])
        ->toBe([[], [], []])
        ->and($this->props('/reports')['page']['got'])
        ->toHaveCount(1);
    $this->put("/reports/{$report->id}", ['title' => 'Mine'])->assertForbidden();
});

it('can be saved as Markdown and as a PDF, as it reads', function (): void {
    $report = ($this->draft)();
    $markdown = $this->get("/reports/{$report->id}/markdown")->assertOk();

    expect($markdown->getContent())
        ->toStartWith('# Report to the team, 1 Jan to 31 Jan 2027')
        ->toContain('- **Forty harbours** (Priya Raman): 10 of 40')
        ->and($markdown->headers->get('Content-Disposition'))
        ->toBe('attachment; filename="report-to-the-team-1-jan-to-31-jan-2027.md"')
        ->and(
            $this->get("/reports/{$report->id}/pdf")
                ->assertOk()
                ->getContent(),
        )
        ->toStartWith('%PDF');
});

it('refuses a span that is none', function (array $span): void {
    $this->post('/reports', ['audience' => 'team', ...$span])->assertSessionHasErrors('until');
    expect(Report::query()->count())->toBe(0);
})->with([
    'it ends before it begins' => [['from' => '2027-02-01', 'until' => '2027-01-01']],
    'longer than a year' => [['from' => '2025-01-01', 'until' => '2027-01-01']],
    'no dates' => [['from' => 'soon', 'until' => '9999-99-99']],
    'nothing' => [[]],
]);

it('tells what somebody else wrote meanwhile, and keeps it', function (): void {
    $report = ($this->draft)();
    $was = $report->words;
    $this->put("/reports/{$report->id}/words", ['words' => 'One', 'seen' => ['words' => $was]])->assertSessionHasNoErrors();
    $this->put("/reports/{$report->id}/words", ['words' => 'Two', 'seen' => ['words' => $was]])->assertSessionHasErrors('words');

    expect($report->refresh()->words)->toBe('One');
});

it('offers what was marked as worth telling and the writer’s findings, and none of anybody else’s', function (): void {
    LogLine::query()->create(['person_id' => $this->me->id, 'on' => '2027-01-12', 'at' => '10:00', 'words' => 'Chain rusts.']);
    $line = LogLine::query()->create(['person_id' => $this->elif->id, 'on' => '2027-01-12', 'at' => '10:00', 'words' => 'Noor is away.']);
    $this->put('/worth-telling', ['source' => 'log', 'id' => LogLine::query()->firstOrFail()->id, 'isWorth' => true]);
    $line->update(['is_worth_telling' => true]);
    $this->put('/reviews/2027-W03/answers', ['question' => 'moved', 'words' => "Two crews.\n  And one boat."]);
    $answer = Answer::query()->sole();
    $this->put('/findings', ['source' => 'answer', 'id' => $answer->id, 'level' => 'month']);
    $offered = array_column(($this->page)(($this->draft)())['lines'], 'text');

    expect($offered)
        ->toContain('- Chain rusts.', '- Moor at Burray', '- See a lawyer', '- Two crews.   And one boat.')
        ->not->toContain('- Noor is away.');
});

it('marks only what is done, or written by oneself', function (): void {
    $open = Made::task($this->priya);
    $this->put('/worth-telling', ['source' => 'task', 'id' => $open->id, 'isWorth' => true])->assertSessionHasErrors([
        'task' => 'This task is not done yet. Tick it first.',
    ]);
    $line = LogLine::query()->create(['person_id' => $this->elif->id, 'on' => '2027-01-12', 'at' => '10:00', 'words' => 'Noor is away.']);
    $this->put('/worth-telling', ['source' => 'log', 'id' => $line->id, 'isWorth' => true])->assertNotFound();
    $hidden = Made::task($this->elif, ['done_on' => '2027-01-20', 'visibility' => 'only_me']);
    $this->put('/worth-telling', ['source' => 'task', 'id' => $hidden->id, 'isWorth' => true])->assertNotFound();

    expect(Task::query()->where('is_worth_telling', true)->count())->toBe(2);
});

it('lists lines of the log and of reviews that are worth telling, to their writer alone, by the time that they are of', function (): void {
    LogLine::query()->create(['person_id' => $this->me->id, 'on' => '2027-01-12', 'at' => '10:00', 'words' => 'Chain rusts.']);
    $this->put('/worth-telling', ['source' => 'log', 'id' => LogLine::query()->sole()->id, 'isWorth' => true])->assertSessionHasNoErrors();
    $this->put('/reviews/2027-W03/answers', ['question' => 'moved', 'words' => 'Two crews.']);
    $answer = Answer::query()->sole()->id;
    $this->put('/worth-telling', ['source' => 'answer', 'id' => $answer, 'isWorth' => true])->assertSessionHasNoErrors();
    $list = fn(string $from, string $until): array => array_map(
        static fn(array $line): array => [$line['on'], $line['words'], $line['source']],
        $this->props("/worth-telling?from=$from&until=$until")['page']['lines'],
    );

    // Week 3 of 2027 is 18 to 24 January: it is told with its last day, or with the last of the span that meets it.
    expect($list('2027-01-10', '2027-01-15'))
        ->toBe([['2027-01-12', 'Chain rusts.', 'log']])
        ->and($list('2027-01-24', '2027-01-31'))
        ->toBe([['2027-01-24', 'Two crews.', 'answer']])
        ->and($list('2027-01-01', '2027-01-19'))
        ->toContain(['2027-01-19', 'Two crews.', 'answer'])
        ->and($list('2027-01-25', '2027-01-31'))
        ->toBe([]);

    $this->actingAs($this->elif);
    expect(array_column($list('2027-01-01', '2027-01-31'), 1))
        ->not->toContain('Two crews.')
        ->not->toContain('Chain rusts.');
});

it('lists what is worth telling by person and span', function (): void {
    $list = fn(string $query): array => array_column($this->props("/worth-telling?$query")['page']['lines'], 'words');

    expect($list('from=2027-01-01&until=2027-01-31'))
        ->toBe(['See a lawyer', 'Moor at Burray'])
        ->and($list("from=2027-01-01&until=2027-01-31&person={$this->priya->id}"))
        ->toBe(['Moor at Burray'])
        ->and($list('from=2027-01-21&until=2027-01-31'))
        ->toBe([])
        ->and($this->actingAs($this->elif)->props('/worth-telling?from=2027-01-01&until=2027-01-31')['page']['lines'])
        ->toHaveCount(1);
    $this->get('/worth-telling?from=2020-01-01&until=2027-01-31')->assertNotFound();
});
