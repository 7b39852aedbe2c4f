<?php

declare(strict_types=1);

use App\Models\AgendaItem;
use App\Models\FollowUp;
use App\Models\Goal;
use App\Models\Issue;
use App\Models\Meeting;
use App\Models\Project;
use App\Models\Role;
use App\Models\Task;
use Illuminate\Support\Carbon;
use Loftrin\Core\Meetings\Outcome;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->noor = Made::person(Role::Lead, 'Noor Aksoy');
    $this->elif = Made::person(name: 'Elif Demir');
    $this->series = Made::series([$this->noor, $this->elif], ['title' => 'Quay hour']);
    $this->actingAs($this->noor);
    $this->raise = function (string $title, array $more = []): Issue {
        $this->post("/series/{$this->series->id}/issues", ['title' => $title, ...$more])->assertSessionHasNoErrors();

        return Issue::query()->latest('id')->firstOrFail();
    };
    $this->open = function (string $on = '2027-02-08'): Meeting {
        $this->post("/series/{$this->series->id}/open", ['on' => $on, 'early' => true])->assertSessionHasNoErrors();

        return Meeting::query()->latest('id')->firstOrFail();
    };
    $this->at = fn(string $time) => Carbon::setTestNow("2027-02-10 $time");
    $this->item = fn(string $title): AgendaItem => AgendaItem::query()->where('title', $title)->latest('id')->firstOrFail();
    $this->turn = fn(string $title) => $this->post('/agenda-items/'.($this->item)($title)->id.'/turn')->assertSessionHasNoErrors();
    $this->room = fn(Meeting $meeting): array => $this->props("/meetings/$meeting->id")['page'];
    $this->row = fn(Meeting $meeting, string $title): array => collect(($this->room)($meeting)['items'])->firstWhere('title', $title);
});

describe('the clock', function (): void {
    it('stands while the meeting is paused, and goes on from where it stood', function (): void {
        ($this->at)('09:00:00');
        ($this->raise)('First', ['minutes' => 8]);
        $meeting = ($this->open)();
        ($this->turn)('First');
        ($this->at)('09:02:00');
        $this->put("/meetings/$meeting->id/pause", ['isPaused' => true])->assertSessionHasNoErrors();
        ($this->at)('09:10:00');
        $this->put("/meetings/$meeting->id/pause", ['isPaused' => true]);
        expect(($this->row)($meeting, 'First')['spent'])->toBe(120)->and(($this->room)($meeting)['isPaused'])->toBeTrue();
        $this->put("/meetings/$meeting->id/pause", ['isPaused' => false]);
        ($this->at)('09:11:30');
        expect(($this->row)($meeting, 'First')['spent'])->toBe(210);
    });

    it('goes on when the room turns to an item', function (): void {
        ($this->at)('09:00:00');
        ($this->raise)('First');
        ($this->raise)('Second');
        $meeting = ($this->open)();
        ($this->turn)('First');
        ($this->at)('09:01:00');
        $this->put("/meetings/$meeting->id/pause", ['isPaused' => true]);
        ($this->at)('09:05:00');
        ($this->turn)('Second');
        ($this->at)('09:06:00');
        expect([($this->row)($meeting, 'First')['spent'], ($this->row)($meeting, 'Second')['spent']])
            ->toBe([60, 60])
            ->and(($this->room)($meeting)['isPaused'])
            ->toBeFalse();
    });

    it('is the same for whoever turns twice, and goes on where an item was left', function (): void {
        ($this->at)('09:00:00');
        ($this->raise)('First');
        ($this->raise)('Second');
        $meeting = ($this->open)();
        ($this->turn)('First');
        ($this->at)('09:03:00');
        ($this->turn)('First');
        ($this->turn)('Second');
        ($this->at)('09:04:00');
        ($this->turn)('First');
        ($this->at)('09:05:00');
        expect(($this->row)($meeting, 'First')['spent'])->toBe(240);
    });

    it('gives an item more time, and says what the next overrun drops', function (): void {
        ($this->at)('09:00:00');
        ($this->raise)('First', ['rank' => 'A', 'minutes' => 10]);
        $waiting = ($this->raise)('Second', ['rank' => 'B', 'minutes' => 10]);
        $waiting->update(['waited' => 2]);
        $meeting = ($this->open)();
        ($this->turn)('First');
        // Thirty minutes, two for closing: 18 beyond the ten of the first, of which the second takes ten.
        expect(($this->room)($meeting)['drops'])->toBe(['title' => 'Second', 'seconds' => 480, 'waited' => 2]);
        $this->put('/agenda-items/'.($this->item)('First')->id.'/extra', ['minutes' => 5])->assertSessionHasNoErrors();
        expect(($this->row)($meeting, 'First'))
            ->toMatchArray(['minutes' => 10, 'extra' => 5])
            ->and(($this->room)($meeting)['drops']['seconds'])
            ->toBe(180);
        ($this->at)('09:19:00');
        expect(($this->row)($meeting, 'Second')['state'])->toBe('wont_fit')->and(($this->room)($meeting)['drops'])->toBeNull();
        $this->post('/undo')->assertSessionHasNoErrors();
        expect(($this->item)('First')->extra)->toBe(0);
    });
});

describe('the agenda', function (): void {
    it('is reordered while it runs, the closing last', function (): void {
        foreach (['A', 'B', 'C'] as $rank) {
            ($this->raise)("Rank $rank", ['rank' => $rank]);
        }
        $meeting = ($this->open)();
        $titles = fn(): array => array_column(($this->room)($meeting)['items'], 'title');
        $move = fn(string $title, ?string $before) => $this->put('/agenda-items/'.($this->item)($title)->id.'/place', [
            'before' => $before === null ? null : ($this->item)($before)->id,
        ]);

        $move('Rank C', 'Rank A')->assertSessionHasNoErrors();
        expect($titles())->toBe(['Rank C', 'Rank A', 'Rank B', 'Closing']);
        $move('Rank C', null);
        expect($titles())->toBe(['Rank A', 'Rank B', 'Rank C', 'Closing']);
        $move('Closing', 'Rank A')->assertSessionHasErrors('before');
        ($this->turn)('Rank A');
        $move('Rank A', null)->assertSessionHasErrors('before');
    });

    it('takes up what was raised meanwhile if the room wants, once', function (): void {
        ($this->raise)('First');
        $meeting = ($this->open)();
        $late = ($this->raise)('Fire in the shed', ['rank' => 'A', 'minutes' => 3]);
        expect(array_column(($this->room)($meeting)['raisedMeanwhile'], 'title'))->toBe(['Fire in the shed']);
        $this->post("/meetings/$meeting->id/issues/$late->id")->assertSessionHasNoErrors();
        $this->post("/meetings/$meeting->id/issues/$late->id")->assertSessionHasErrors('issue');
        expect(array_column(($this->room)($meeting)['items'], 'title'))
            ->toBe(['Fire in the shed', 'First', 'Closing'])
            ->and(($this->room)($meeting)['raisedMeanwhile'])
            ->toBe([]);
    });

    it('can have an order of its own', function (): void {
        $this->series->update(['parts' => 'standing,issue,follow_ups', 'closing_minutes' => 5]);
        $this->series->standingItems()->create(['title' => 'Figures', 'minutes' => 5, 'position' => 0]);
        ($this->raise)('First');
        expect(array_column($this->props("/series/{$this->series->id}")['page']['agenda']['items'], 'title'))->toBe([
            'Figures',
            'First',
            'Closing',
        ]);
        $meeting = ($this->open)();
        expect(array_column(($this->room)($meeting)['items'], 'minutes', 'title'))->toBe(['Figures' => 5, 'First' => 5, 'Closing' => 5]);
    });

    it('keeps a topic for its meeting, and moves it to the next in one step', function (): void {
        $guest = ($this->raise)('The harbour master is here', ['forOn' => '2027-02-22']);
        expect($this->props("/series/{$this->series->id}")['page']['agenda']['items'])->toHaveCount(1);
        $this->post("/issues/$guest->id/next")->assertSessionHasNoErrors();
        expect((string) $guest->refresh()->for_on)->toBe('2027-03-01')->and($guest->waited)->toBe(1);
        $this->series->update(['rule' => 'FREQ=WEEKLY;BYDAY=MO;UNTIL=20270301']);
        $this->post("/issues/$guest->id/next")->assertSessionHasErrors('forOn');
        // What was tied to a meeting that has passed is not lost.
        $guest->update(['for_on' => '2027-02-01']);
        expect(array_column($this->props("/series/{$this->series->id}")['page']['agenda']['items'], 'title'))->toContain($guest->title);
    });
});

describe('what becomes of an issue', function (): void {
    beforeEach(function (): void {
        $this->goal = Made::goal($this->noor, '2027-Q1', ['title' => 'Sell more']);
        $this->issue = ($this->raise)('Whole coast', ['goal' => $this->goal->id, 'rank' => 'B']);
        $this->meeting = ($this->open)();
        $this->settle = fn(array $sent) => $this->put('/agenda-items/'.($this->item)('Whole coast')->id.'/outcome', $sent);
    });

    it('makes a project or a goal of it, which stand beneath what it was for', function (): void {
        ($this->settle)(['outcome' => 'project'])->assertSessionHasNoErrors();
        $project = Project::query()->where('title', 'Whole coast')->sole();
        expect($this->issue->refresh()->only(['outcome', 'became_project_id']))
            ->toBe(['outcome' => Outcome::Project, 'became_project_id' => $project->id])
            ->and($project->contributions()->pluck('goal_id')->all())
            ->toBe([$this->goal->id]);
        $this->post('/undo')->assertSessionHasNoErrors();
        expect(Project::query()->count())
            ->toBe(0)
            ->and($this->issue->refresh()->outcome)
            ->toBeNull();

        ($this->settle)(['outcome' => 'goal'])->assertSessionHasNoErrors();
        $goal = Goal::query()->where('title', 'Whole coast')->sole();
        expect([$goal->period, $goal->parent_id])->toBe(['2027-Q1', $this->goal->id]);
        expect($this->props("/issues/{$this->issue->id}")['page']['became']['title'])->toBe('Whole coast');
        ($this->settle)(['outcome' => null]);
        ($this->settle)(['outcome' => 'goal'])->assertSessionHasNoErrors();
        expect(Goal::query()->where('title', 'Whole coast')->count())->toBe(1);
    });

    it('moves to another meeting, older, and back', function (): void {
        $other = Made::series([$this->noor], ['title' => 'Product meeting']);
        ($this->settle)(['outcome' => 'other_meeting'])->assertSessionHasErrors('series');
        ($this->settle)(['outcome' => 'other_meeting', 'series' => $this->series->id])->assertSessionHasErrors('series');
        ($this->settle)(['outcome' => 'other_meeting', 'series' => $other->id])->assertSessionHasNoErrors();
        expect($this->issue->refresh()->only(['series_id', 'waited', 'outcome']))->toBe([
            'series_id' => $other->id,
            'waited' => 1,
            'outcome' => null,
        ]);
        expect(array_column($this->props("/series/$other->id")['page']['agenda']['items'], 'title'))->toContain('Whole coast');
        $this->post("/meetings/{$this->meeting->id}/close");
        expect($this->issue->refresh()->waited)->toBe(1);
        $path = $this->props("/issues/{$this->issue->id}")['page']['path'];
        expect([$path[0]['series'], $path[0]['outcome']])->toBe(['Quay hour', 'other_meeting']);
    });

    it('does not move to a meeting that one may not know of', function (): void {
        $hidden = Made::series([$this->elif], ['is_private' => true]);
        ($this->settle)(['outcome' => 'other_meeting', 'series' => $hidden->id])->assertSessionHasErrors('series');
        expect($this->issue->refresh()->series_id)->toBe($this->series->id);
    });

    it('is reopened in the meeting it came from', function (): void {
        $other = Made::series([$this->noor]);
        ($this->settle)(['outcome' => 'other_meeting', 'series' => $other->id]);
        ($this->settle)(['outcome' => null])->assertSessionHasNoErrors();
        expect($this->issue->refresh()->only(['series_id', 'waited']))->toBe(['series_id' => $this->series->id, 'waited' => 0]);
    });

    it('comes back from the shelf on its day, older', function (): void {
        ($this->settle)(['outcome' => 'shelved', 'returnOn' => '2027-04-01'])->assertSessionHasNoErrors();
        expect((string) $this->issue->refresh()->return_on)->toBe('2027-04-01');
        $this->post("/meetings/{$this->meeting->id}/close");
        Made::later('2027-03-31');
        $this->get('/meetings');
        expect($this->issue->refresh()->outcome)->toBe(Outcome::Shelved);
        Made::later('2027-04-01');
        $this->get('/meetings');
        expect($this->issue->refresh()->only(['outcome', 'waited']))->toBe(['outcome' => null, 'waited' => 1]);
    });

    it('is on the shelf, from where it goes back to its meeting or away', function (): void {
        ($this->settle)(['outcome' => 'shelved']);
        $rows = fn(): array => array_column($this->props('/shelf')['page']['rows'], 'title', 'kind');
        expect($rows())->toBe(['issue' => 'Whole coast']);
        $this->put("/shelf/issue/{$this->issue->id}", ['returnOn' => '2027-04-01'])->assertSessionHasNoErrors();
        expect((string) $this->issue->refresh()->return_on)->toBe('2027-04-01');
        $this->post("/shelf/issue/{$this->issue->id}/back")->assertSessionHasNoErrors();
        expect([$rows(), $this->issue->refresh()->outcome])->toBe([[], null]);
        $this->delete("/shelf/issue/{$this->issue->id}")->assertNotFound();
        ($this->settle)(['outcome' => 'shelved']);
        $this->delete("/shelf/issue/{$this->issue->id}")->assertSessionHasNoErrors();
        expect($this->issue->refresh()->outcome)->toBe(Outcome::Dropped);
    });

    it('is on nobody’s shelf who may not know of its meeting', function (): void {
        ($this->settle)(['outcome' => 'shelved']);
        $this->series->update(['is_private' => true]);
        $this->actingAs(Made::person());
        expect($this->props('/shelf')['page']['rows'])->toBe([]);
        $this->post("/shelf/issue/{$this->issue->id}/back")->assertNotFound();
    });

    it('can have a decision and next steps at once', function (): void {
        $id = ($this->item)('Whole coast')->id;
        $this->post("/agenda-items/$id/decisions", ['words' => 'Yes, at 8%']);
        $this->post("/agenda-items/$id/next-steps", ['title' => 'Write the offer, to Elif']);
        $row = ($this->row)($this->meeting, 'Whole coast');
        expect([$row['outcome'], count($row['decisions']), count($row['nextSteps'])])->toBe(['decided', 1, 1]);
    });
});

describe('next steps', function (): void {
    beforeEach(function (): void {
        ($this->raise)('Berth 7');
        $this->meeting = ($this->open)();
        $this->step = fn(string $words, array $more = []) => $this->post('/agenda-items/'.($this->item)('Berth 7')->id.'/next-steps', [
            'title' => $words,
            ...$more,
        ]);
    });

    it('are understood in plain words', function (): void {
        ($this->step)('Ring the mill by Friday, 20 min, to Elif')->assertSessionHasNoErrors();
        $task = Task::query()->sole();
        expect([$task->title, $task->owner_id, (string) $task->due_on, $task->minutes])->toBe([
            'Ring the mill',
            $this->elif->id,
            '2027-02-12',
            20,
        ]);
    });

    it('ask who does it where it is not said', function (): void {
        ($this->step)('Ring the mill')->assertSessionHasErrors(['owner' => 'Who does it? Add “to” and a name, or choose one.']);
        expect(Task::query()->count())->toBe(0);
        ($this->step)('Ring the mill', ['owner' => $this->noor->id])->assertSessionHasNoErrors();
        expect((string) Task::query()->sole()->due_on)->toBe('2027-02-15');
    });

    it('lose no words that a next step has no place for', function (): void {
        ($this->step)('Count the floats every Thursday, to Elif')->assertSessionHasNoErrors();
        expect(Task::query()->sole()->notes)->toBe('Count the floats every Thursday, to Elif');
    });

    it('are confirmed by who is to do them, and nobody else', function (): void {
        ($this->step)('Ring the mill, to Elif');
        ($this->step)('Write it down', ['owner' => $this->noor->id]);
        [$hers, $mine] = Task::query()->orderBy('id')->get()->all();
        expect($mine->confirmed_at)
            ->not->toBeNull()
            ->and(($this->room)($this->meeting)['unconfirmed'])
            ->toBe([$hers->id])
            ->and(($this->room)($this->meeting)['toConfirm'])
            ->toBe([]);
        $this->put("/tasks/$hers->id/confirmation")->assertSessionHasErrors('task');

        $this->actingAs($this->elif);
        expect(array_column(($this->room)($this->meeting)['toConfirm'], 'id'))->toBe([$hers->id]);
        $this->put("/tasks/$hers->id/confirmation")->assertSessionHasNoErrors();
        expect(($this->room)($this->meeting)['unconfirmed'])->toBe([]);
    });
});

describe('an issue that is taken up today', function (): void {
    it('takes its place by rank among those that are still to come', function (): void {
        ($this->raise)('First', ['rank' => 'A']);
        ($this->raise)('Second', ['rank' => 'B']);
        ($this->raise)('Third', ['rank' => 'C']);
        $meeting = ($this->open)();
        ($this->turn)('First');
        $titles = fn(): array => array_values(
            array_filter(array_column(($this->room)($meeting)['items'], 'title'), static fn($title) => $title !== 'Closing'),
        );
        $before = array_values(array_diff($titles(), ['First', 'Second', 'Third']));
        $take = function (string $title, array $more) use ($meeting): void {
            $issue = ($this->raise)($title, $more);
            $this->post("/meetings/$meeting->id/issues/$issue->id")->assertSessionHasNoErrors();
        };
        $take('Urgent', ['rank' => 'A']);
        $take('Also second', ['rank' => 'B']);
        $take('Some day', []);
        expect(array_values(array_diff($titles(), $before)))->toBe(['First', 'Urgent', 'Second', 'Also second', 'Third', 'Some day']);
    });
});

describe('follow-ups', function (): void {
    beforeEach(function (): void {
        ($this->raise)('Berth 7');
        $first = ($this->open)();
        $this->post('/agenda-items/'.($this->item)('Berth 7')->id.'/next-steps', ['title' => 'Ring the mill, to Elif']);
        $this->post("/meetings/$first->id/close");
        $this->meeting = ($this->open)('2027-02-15');
        $this->task = Task::query()->sole();
        $this->say = fn(array $sent, ?Task $task = null) => $this->put(
            "/meetings/{$this->meeting->id}/follow-ups/".($task ?? $this->task)->id,
            $sent,
        );
    });

    it('are done, and say so in the minutes', function (): void {
        ($this->say)(['answer' => 'done'])->assertSessionHasNoErrors();
        expect($this->task->refresh()->done_on)->not->toBeNull();
        $this->post("/meetings/{$this->meeting->id}/close");
        $items = $this->props("/meetings/{$this->meeting->id}")['page']['minutes']['items'];
        expect(collect($items)->firstWhere('kind', 'follow_ups')['followUps'][0])->toMatchArray([
            'what' => 'Ring the mill',
            'answer' => 'done',
        ]);
    });

    it('get a new date, wait for something, or become an issue', function (): void {
        ($this->say)(['answer' => 'not_yet'])->assertSessionHasErrors('until');
        ($this->say)(['answer' => 'not_yet', 'until' => '2027-02-22'])->assertSessionHasNoErrors();
        expect((string) $this->task->refresh()->due_on)->toBe('2027-02-22');
        ($this->say)(['answer' => 'held_up'])->assertSessionHasErrors('words');
        ($this->say)(['answer' => 'held_up', 'words' => 'the mill', 'until' => '2027-02-20'])->assertSessionHasNoErrors();
        expect($this->task->refresh()->waiting_on)->toBe('the mill');
        ($this->say)(['answer' => 'help', 'words' => 'Who knows the mill?'])->assertSessionHasNoErrors();
        ($this->say)(['answer' => 'help', 'words' => 'Who knows the mill?'])->assertSessionHasNoErrors();
        expect(Issue::query()->where('task_id', $this->task->id)->pluck('title')->all())
            ->toBe(['Who knows the mill?'])
            ->and(FollowUp::query()->count())
            ->toBe(1);
    });

    it('stand in the room with what was answered so far, in words and until when', function (): void {
        $shown = fn(): array => $this->props("/meetings/{$this->meeting->id}")['page']['followUps'];
        expect($shown())->toHaveCount(1)->and($shown()[0])->toMatchArray(['answer' => null, 'words' => null, 'until' => null]);
        expect($shown()[0]['task']['title'])->toBe('Ring the mill');

        ($this->say)(['answer' => 'held_up', 'words' => 'the mill', 'until' => '2027-02-20'])->assertSessionHasNoErrors();
        expect($shown()[0])->toMatchArray(['answer' => 'held_up', 'words' => 'the mill', 'until' => '2027-02-20']);

        // What is changed is answered anew, not twice.
        ($this->say)(['answer' => 'not_yet', 'until' => '2027-02-22'])->assertSessionHasNoErrors();
        expect($shown())->toHaveCount(1)->and($shown()[0])->toMatchArray(['answer' => 'not_yet', 'until' => '2027-02-22']);
    });

    it('are open again where the room says that they are not done, whoever ticked them', function (string $answer, array $more): void {
        $this->actingAs($this->elif);
        $this->put("/tasks/{$this->task->id}/tick", ['done' => true])->assertSessionHasNoErrors();
        $this->actingAs($this->noor);
        ($this->say)(['answer' => $answer, ...$more])->assertSessionHasNoErrors();
        expect($this->task->refresh()->done_on)->toBeNull();
        $this->post('/undo')->assertSessionHasNoErrors();
        expect($this->task->refresh()->done_on)->not->toBeNull();

        // And where they were said to be done in this room.
        ($this->say)(['answer' => 'done'])->assertSessionHasNoErrors();
        ($this->say)(['answer' => $answer, ...$more])->assertSessionHasNoErrors();
        expect($this->task->refresh()->done_on)->toBeNull();
    })->with([
        'not yet' => ['not_yet', ['until' => '2027-02-22']],
        'held up' => ['held_up', ['words' => 'the mill', 'until' => '2027-02-20']],
        'help' => ['help', ['words' => 'Who knows the mill?']],
    ]);

    it('are only those of earlier meetings', function (): void {
        ($this->say)(['answer' => 'done'], Made::task($this->noor))->assertSessionHasErrors('task');
    });
});
