<?php

declare(strict_types=1);

use App\Models\Area;
use App\Models\Contact;
use App\Models\Helping;
use App\Models\Issue;
use App\Models\Jot;
use App\Models\Notification;
use App\Models\RecurringTask;
use App\Models\Task;
use App\Models\Visibility;
use Illuminate\Support\Carbon;
use Loftrin\Core\Work\Focus;
use Loftrin\Core\Work\Rank;
use Tests\Feature\Made;

// Written on Wednesday 10 February 2027.
beforeEach(function (): void {
    Made::workspace();
    $this->me = Made::person(name: 'Noor Aksoy');
    $this->elif = Made::person(name: 'Elif Demir');
    $this->priya = Made::person(name: 'Priya Raman');
    $this->orkney = Made::project($this->me, more: ['title' => 'Moorings Orkney']);
    $this->faroe = Made::project($this->me, more: ['title' => 'Moorings Faroe']);
    $this->actingAs($this->me);
    $this->add = function (string $line, array $more = []): Task {
        $this->post('/tasks', ['title' => $line, 'isLine' => true, ...$more])->assertSessionHasNoErrors();

        return Task::query()->latest('id')->firstOrFail();
    };
    $this->read = fn(string $words, array $more = []): array => $this->getJson('/lines?'.http_build_query(['words' => $words, ...$more]))
        ->assertOk()
        ->json('lines');
});

it('says what is understood of each line while one writes', function (): void {
    $lines = ($this->read)("ring the office by Friday, 30 min\n\npaint the float for moorings");

    expect(array_column($lines, 'title'))
        ->toBe(['ring the office', 'paint the float'])
        ->and(array_column($lines[0]['pieces'], 'value', 'kind'))
        ->toBe(['due' => '2027-02-12', 'minutes' => '30'])
        ->and(array_column($lines[0]['pieces'], 'words'))
        ->toBe(['by Friday', '30 min'])
        ->and(array_column($lines[1]['pieces'][0]['choices'], 'label'))
        ->toEqualCanonicalizing(['Moorings Orkney', 'Moorings Faroe'])
        ->and(($this->read)(''))
        ->toBe([]);
});

it('leaves out what was refused, and reads as of the day of writing', function (): void {
    [$line] = ($this->read)('ring the office by Friday, 30 min', ['refused' => ['due by friday'], 'on' => '2027-02-01']);

    expect($line['title'])
        ->toBe('ring the office by Friday')
        ->and(array_column($line['pieces'], 'kind'))
        ->toBe(['minutes'])
        ->and(($this->read)('ring tomorrow', ['on' => '2027-02-01'])[0]['pieces'][0]['value'])
        ->toBe('2027-02-02');
});

it('refuses what is no line', function (array $query): void {
    $this->getJson('/lines?'.http_build_query($query))->assertStatus(422);
})->with([
    'too long' => [['words' => str_repeat('x', 2001)]],
    'a list' => [['words' => ['x']]],
    'no day' => [['words' => 'x', 'on' => '2027-02-30']],
    'refused is no list' => [['words' => 'x', 'refused' => 'due']],
    'chosen is a list of lists' => [['words' => 'x', 'chosen' => [['x']]]],
]);

it('names to nobody what they may not see', function (): void {
    $secret = Made::goal($this->me, '2027-Q1', ['title' => 'Sell the harbour crane', 'visibility' => Visibility::OnlyMe]);
    expect(($this->read)('call the broker for sell the harbour')[0]['pieces'][0]['choices'][0]['value'])->toBe("goal $secret->id");

    $this->actingAs($this->elif);
    expect(($this->read)('call the broker for sell the harbour')[0]['pieces'])->toBe([]);
    expect(($this->add)('call the broker for sell the harbour')->title)->toBe('call the broker for sell the harbour');
});

it('makes of a line all that it says', function (): void {
    $task = ($this->add)('ring the office by Friday on Thursday at 14:30, 45 min, for Moorings Ork, B, full focus, to Elif, with Priya');

    expect($task->only(['title', 'project_id', 'owner_id', 'minutes', 'planned', 'planned_at']))
        ->toBe([
            'title' => 'ring the office',
            'project_id' => $this->orkney->id,
            'owner_id' => $this->elif->id,
            'minutes' => 45,
            'planned' => '2027-02-11',
            'planned_at' => '14:30',
        ])
        ->and((string) $task->due_on)
        ->toBe('2027-02-12')
        ->and($task->rank)
        ->toBe(Rank::B)
        ->and($task->focus)
        ->toBe(Focus::Full)
        ->and(Helping::query()->where('task_id', $task->id)->pluck('person_id')->all())
        ->toBe([$this->priya->id])
        ->and(Notification::query()->where('person_id', $this->elif->id)->count())
        ->toBe(1);
});

it('keeps to oneself what is private, and takes nothing out of what is only half understood', function (): void {
    $private = ($this->add)('ask for a raise, only me');
    $negated = ($this->add)('no meeting on Friday');

    expect([$private->title, $private->visibility])
        ->toBe(['ask for a raise', Visibility::OnlyMe])
        ->and([$negated->title, $negated->planned, $negated->visibility])
        ->toBe(['no meeting on Friday', null, Visibility::Everyone]);
});

it('plans for today what has a time and no day', function (): void {
    expect(($this->add)('ring the office at 14:30')->only(['planned', 'planned_at']))->toBe([
        'planned' => Made::TODAY,
        'planned_at' => '14:30',
    ]);
    expect(($this->add)('visit the pier 10:00-11:30')->only(['planned_at', 'minutes']))->toBe(['planned_at' => '10:00', 'minutes' => 90]);
});

it('takes a time without a day for the next such time, as of when it was written', function (): void {
    Carbon::setTestNow('2027-02-10 10:30');
    expect(array_column(($this->read)('call the diver at 9')[0]['pieces'], 'value', 'kind'))->toBe(['time' => '2027-02-11 09:00']);
    expect(($this->add)('call the diver at 9')->only(['title', 'planned', 'planned_at']))->toBe([
        'title' => 'call the diver',
        'planned' => '2027-02-11',
        'planned_at' => '09:00',
    ]);
    // Written on a day, it is meant for that day.
    expect(($this->add)('call the diver at 9', ['planned' => '2027-02-15'])->planned)->toBe('2027-02-15');

    $this->post('/jots', ['words' => 'call the mill at 9']);
    Carbon::setTestNow('2027-02-12 08:00');
    $jot = Jot::query()->sole();
    $this->post("/jots/$jot->id/task", ['title' => 'call the mill'])->assertSessionHasNoErrors();
    expect(Task::query()->latest('id')->firstOrFail()->planned)->toBe('2027-02-11');
});

it('knows by what time something is due, and plans nothing for it', function (): void {
    $task = ($this->add)('pay the berth by Friday 17:00');
    expect($task->only(['title', 'due_at', 'planned', 'planned_at']))
        ->toBe(['title' => 'pay the berth', 'due_at' => '17:00', 'planned' => null, 'planned_at' => null])
        ->and((string) $task->due_on)
        ->toBe('2027-02-12');

    $change = fn(array $fields) => $this->put("/tasks/$task->id", $fields);
    $change(['due_at' => '25:00'])->assertSessionHasErrors(['due_at' => 'Enter a valid time, for example 14:30.']);
    $change(['due_at' => '09:30'])->assertSessionHasNoErrors();
    expect($this->props("/tasks/$task->id")['page']['task'])->toMatchArray(['dueOn' => '2027-02-12', 'dueAt' => '09:30']);
    $change(['due_on' => null])->assertSessionHasNoErrors();
    expect($task->refresh()->due_at)->toBeNull();
    $change(['due_at' => '09:30'])->assertSessionHasNoErrors();
    expect($task->refresh()->due_at)->toBeNull();
});

it('reads 3/4 as one’s settings say', function (): void {
    $due = fn(): string => ($this->read)('pay by 3/4')[0]['pieces'][0]['value'];
    expect($due())->toBe('2027-04-03');
    $this->put('/account/dates', ['monthFirst' => true])->assertSessionHasNoErrors();
    expect($due())->toBe('2027-03-04')->and($this->props('/account')['frame']['monthFirst'])->toBeTrue();
    $this->put('/account/dates', ['monthFirst' => false])->assertSessionHasNoErrors();
    expect($due())->toBe('2027-04-03');
});

it('raises what is jotted for a meeting of a day, and leaves it in the title of a task', function (): void {
    $series = Made::series([$this->me], ['title' => 'Quay hour', 'rule' => 'FREQ=WEEKLY;BYDAY=WE']);
    Made::series([$this->elif], ['title' => 'Quay talk of two', 'is_private' => true]);
    $words = 'the second modem, for Wednesday’s quay hour';
    $piece = ($this->read)($words, ['isJotted' => 1])[0]['pieces'][0];
    expect([$piece['kind'], $piece['value'], array_column($piece['choices'], 'label')])->toBe(['meeting', '2027-02-10', ['Quay hour']]);

    $this->post('/jots', ['words' => $words])->assertSessionHasNoErrors();
    $issue = Issue::query()->sole();
    expect($issue->only(['title', 'series_id', 'raised_by']))
        ->toBe(['title' => 'the second modem', 'series_id' => $series->id, 'raised_by' => $this->me->id])
        ->and((string) $issue->for_on)
        ->toBe('2027-02-10')
        ->and(Jot::query()->count())
        ->toBe(0);
    $this->post('/undo');
    expect(Issue::query()->count())->toBe(0);

    // Not held on that day: for the next one after it.
    expect(($this->read)('the ladder, for tomorrow’s quay hour', ['isJotted' => 1])[0]['pieces'][0]['value'])->toBe('2027-02-17');
    $this->post('/jots', ['words' => 'the ladder, for tomorrow’s quay hour']);
    expect((string) Issue::query()->sole()->for_on)->toBe('2027-02-17');
    expect(($this->add)($words)->title)->toBe($words);
    // What one may not see is no meeting for one.
    $this->post('/jots', ['words' => 'the key, for Friday’s quay talk of two']);
    expect(Jot::query()->sole()->words)->toBe('the key, for Friday’s quay talk of two');
});

it('knows whom one waits for, and when to ask again', function (): void {
    Contact::query()->create([
        'area_id' => Area::query()->create(['name' => 'Kirkwall', 'kind' => 'client', 'owner_id' => $this->me->id])->id,
        'name' => 'Kirkwall harbour office',
    ]);
    $task = ($this->add)('send tide tables, waiting for Elif, follow up on Monday');
    expect($task->only(['title', 'waiting_on', 'waiting_person_id']))
        ->toBe(['title' => 'send tide tables', 'waiting_on' => 'Elif Demir', 'waiting_person_id' => $this->elif->id])
        ->and((string) $task->follow_up_on)
        ->toBe('2027-02-15');
    expect(($this->add)('quote for the pier, waiting for Kirkwall')->waiting_contact_id)->not->toBeNull();
    expect(($this->add)('paint, waiting for the glue to dry')->waiting_on)->toBe('the glue to dry');
});

it('lets the words of a line count more than the place it is written in', function (): void {
    expect(
        ($this->add)('paint the float tomorrow', ['planned' => '2027-W06', 'project' => $this->faroe->id])->only(['planned', 'project_id']),
    )
        ->toBe(['planned' => '2027-02-11', 'project_id' => $this->faroe->id])
        ->and(($this->add)('paint the float for Moorings Orkney', ['project' => $this->faroe->id])->project_id)
        ->toBe($this->orkney->id)
        ->and(($this->add)('paint the float for moorings', ['project' => $this->faroe->id])->project_id)
        ->toBe($this->faroe->id);
});

it('asks what an ambiguous name means, and takes the answer', function (): void {
    $line = 'paint the float for moorings';
    expect(($this->add)($line)->project_id)->toBeNull();
    expect(($this->add)($line, ['chosen' => ['for for moorings' => "project {$this->faroe->id}"]])->project_id)->toBe($this->faroe->id);
    // What is not among the choices is no answer.
    expect(($this->add)($line, ['chosen' => ['for for moorings' => 'project 9999']])->project_id)->toBeNull();
});

it('makes a recurring task of what comes back', function (): void {
    $this->post('/tasks', [
        'title' => 'rinse the test tank every second Thursday at 9:00, 20 min',
        'isLine' => true,
    ])->assertSessionHasNoErrors();
    $recurring = RecurringTask::query()->sole();

    expect($recurring->only(['title', 'words', 'minutes', 'owner_id']))->toBe([
        'title' => 'rinse the test tank, 09:00',
        'words' => 'every second Thursday',
        'minutes' => 20,
        'owner_id' => $this->me->id,
    ]);
});

it('shelves what is for some other day', function (): void {
    $someday = ($this->add)('a buoy that calls when the ice comes, someday');
    $back = ($this->add)('renew the licence, remind me on 3 March');

    expect([(string) $someday->shelved_on, $someday->return_on, $someday->title])
        ->toBe([Made::TODAY, null, 'a buoy that calls when the ice comes'])
        ->and([(string) $back->shelved_on, (string) $back->return_on])
        ->toBe([Made::TODAY, '2027-03-03']);
});

it('takes from elsewhere a title as it is', function (): void {
    $this->post('/tasks', ['title' => 'Call Elif tomorrow, 30 min'])->assertSessionHasNoErrors();

    expect(
        Task::query()
            ->sole()
            ->only(['title', 'planned', 'minutes']),
    )->toBe(['title' => 'Call Elif tomorrow, 30 min', 'planned' => null, 'minutes' => null]);
});

it('makes an item of each line of a jot, and enters what is done as done', function (): void {
    $this->post('/jots', [
        'words' => "ring the office by Friday\r\n\r\n  \ndone: fixed the label printer, 20 min\nask Priya",
    ])->assertSessionHasNoErrors();

    expect(Jot::query()->orderBy('id')->pluck('words')->all())->toBe(['ring the office by Friday', 'ask Priya']);
    $done = Task::query()->sole();
    expect([$done->title, (string) $done->done_on, $done->minutes])->toBe(['fixed the label printer', Made::TODAY, 20]);

    $this->post('/undo');
    expect(Jot::query()->count() + Task::query()->count())->toBe(0);
});

it('makes a task of a jot as it was understood on its day, with what was chosen instead', function (): void {
    $this->post('/jots', ['words' => 'ring the office tomorrow, 30 min, for Orkney', 'refused' => ['minutes 30 min']]);
    $jot = Jot::query()->sole();
    $jot->update(['jotted_on' => '2027-02-08']);
    $this->post("/jots/$jot->id/task", ['title' => 'Ring the office', 'planned' => '2027-W07'])->assertSessionHasNoErrors();

    expect(
        Task::query()
            ->sole()
            ->only(['title', 'planned', 'minutes', 'project_id']),
    )
        ->toBe(['title' => 'Ring the office', 'planned' => '2027-W07', 'minutes' => null, 'project_id' => $this->orkney->id])
        ->and((string) $jot->refresh()->sorted_on)
        ->toBe(Made::TODAY);
});

it('remembers what a name was said to mean until it is sorted', function (): void {
    $this->post('/jots', ['words' => 'paint the float for moorings', 'chosen' => ['for for moorings' => "project {$this->faroe->id}"]]);
    $jot = Jot::query()->sole();
    expect($this->props('/tray')['page']['items'][0]['chosen'])->toBe(['for for moorings' => "project {$this->faroe->id}"]);

    $this->post("/jots/$jot->id/task", ['title' => 'Paint the float'])->assertSessionHasNoErrors();
    expect(Task::query()->sole()->project_id)->toBe($this->faroe->id);
});

it('splits one thing to sort into several, in its place', function (): void {
    $this->post('/jots', ['words' => 'ask Priya about the job, and whether the van is free']);
    $jot = Jot::query()->sole();
    $this->post("/jots/$jot->id/split", ['words' => 'ask Priya'])->assertSessionHasErrors('words');
    $this->post("/jots/$jot->id/split", ['words' => "ask Priya about the job\nask Priya about the van"])->assertSessionHasNoErrors();
    expect(array_column($this->props('/tray')['page']['items'], 'words'))->toBe(['ask Priya about the job', 'ask Priya about the van']);

    $this->post('/undo');
    expect(array_column($this->props('/tray')['page']['items'], 'words'))->toBe(['ask Priya about the job, and whether the van is free']);
});

it('shows in the tray what the days that are left have room for', function (): void {
    Made::task($this->me, ['planned' => Made::TODAY, 'minutes' => 120]);
    $page = $this->props('/tray')['page'];

    expect(array_column($page['days'], 'on'))
        ->toBe(['2027-02-10', '2027-02-11', '2027-02-12'])
        ->and($page['days'][0]['planned'])
        ->toBe(120)
        ->and($page['days'][0]['free'])
        ->toBe($page['days'][0]['available'] - 120)
        ->and([$page['thisWeek'], $page['nextWeek']])
        ->toBe(['2027-W06', '2027-W07']);
});

it('keeps a tray to oneself', function (): void {
    $this->post('/jots', ['words' => 'think about leaving']);
    $jot = Jot::query()->sole();
    $this->actingAs($this->elif);

    expect($this->props('/tray')['page']['items'])->toBe([]);
    $this->post("/jots/$jot->id/split", ['words' => "a\nb"])->assertNotFound();
    $this->post("/jots/$jot->id/task", ['title' => 'x'])->assertNotFound();
    $this->delete("/jots/$jot->id")->assertNotFound();
});

it('tells who is waited for', function (): void {
    ($this->add)('send tide tables, waiting for Elif');
    expect(Notification::query()->where('person_id', $this->elif->id)->value('words'))->toBe('is waiting for you');
});

it('asks nobody for help with what they may not see', function (): void {
    Made::goal($this->me, '2027-Q1', ['title' => 'Sell the harbour crane', 'visibility' => Visibility::OnlyMe]);
    $this->post('/tasks', ['title' => 'call the broker for sell the harbour, with Elif', 'isLine' => true])->assertSessionHasErrors(
        'people',
    );
    expect(Task::query()->count() + Helping::query()->count())->toBe(0);
});

it('makes one task of a thing that two sort at once', function (): void {
    $this->post('/jots', ['words' => 'ring the office']);
    $jot = Jot::query()->sole();
    $this->post("/jots/$jot->id/task", ['title' => 'Ring the office'])->assertSessionHasNoErrors();
    $this->post("/jots/$jot->id/task", ['title' => 'Ring the office'])->assertSessionHasErrors('jot');
    $this->post("/jots/$jot->id/split", ['words' => "a\nb"])->assertSessionHasErrors('jot');
    expect(Task::query()->count())
        ->toBe(1)
        ->and(Jot::query()->count())
        ->toBe(1);
});

it('keeps oneself as the owner where that was chosen against the line', function (): void {
    $this->post('/jots', ['words' => 'order rope, to Elif']);
    $jot = Jot::query()->sole();
    $this->post("/jots/$jot->id/task", ['title' => 'Order rope', 'owner_id' => $this->me->id])->assertSessionHasNoErrors();
    expect(Task::query()->sole()->owner_id)->toBe($this->me->id);
});

it('refuses a line that breaks a rule, and adds nothing', function (): void {
    $hidden = Made::goal($this->me, '2027-Q1', ['title' => 'Sell the harbour crane', 'visibility' => Visibility::OnlyMe]);
    $this->post('/tasks', ['title' => 'call the broker for sell the harbour, to Elif', 'isLine' => true])->assertSessionHasErrors(
        'owner_id',
    );
    expect(Task::query()->count())
        ->toBe(0)
        ->and($hidden->exists)
        ->toBeTrue();
});
