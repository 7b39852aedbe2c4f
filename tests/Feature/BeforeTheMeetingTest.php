<?php

declare(strict_types=1);

use App\Models\Comment;
use App\Models\Delivery;
use App\Models\Issue;
use App\Models\Letter;
use App\Models\Meeting;
use App\Models\Notification;
use App\Models\NotificationChoice;
use App\Models\NotificationEvent;
use App\Models\Role;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->noor = Made::person(Role::Lead, 'Noor Aksoy');
    $this->elif = Made::person(name: 'Elif Demir');
    $this->priya = Made::person(name: 'Priya Raman');
    $this->series = Made::series([$this->noor, $this->elif], ['title' => 'Quay hour']);
    $this->actingAs($this->noor);
    $this->issue = fn(string $title, array $more = []): Issue => Issue::query()->create([
        'series_id' => $this->series->id,
        'title' => $title,
        'need' => 'decision',
        'raised_by' => $this->elif->id,
        'raised_on' => '2027-02-09',
        'waited' => 0,
        ...$more,
    ]);
    $this->order = function (): array {
        $agenda = $this->props("/series/{$this->series->id}")['page']['agenda'];
        $fits = array_filter(array_column($agenda['items'], 'issue'));

        return [array_column($fits, 'title'), array_column($agenda['wontFit'], 'title')];
    };
});

describe('the order of an agenda', function (): void {
    beforeEach(function (): void {
        $this->dear = ($this->issue)('Dear', ['rank' => 'A', 'minutes' => 15]);
        $this->some = ($this->issue)('Some', ['rank' => 'B', 'minutes' => 12]);
        $this->free = ($this->issue)('Free', ['rank' => 'C', 'minutes' => 5]);
        $this->arranged = fn(): array => $this->props("/series/{$this->series->id}")['page']['agenda']['arranged'];
        $this->arrange = fn(array $issues, ?array $seen = null) => $this->put("/series/{$this->series->id}/agenda", [
            'issues' => array_map(static fn(Issue $issue): int => $issue->id, $issues),
            'seen' => $seen ?? ($this->arranged)(),
        ]);
    });

    it('is given by hand, is fitted anew, and goes back to the worked-out one', function (): void {
        expect(($this->order)())->toBe([['Dear', 'Some'], ['Free']]);
        ($this->arrange)([$this->free, $this->some, $this->dear])->assertSessionHasNoErrors();
        expect(($this->order)())
            ->toBe([['Free', 'Some'], ['Dear']])
            ->and(($this->arranged)())
            ->toBe([$this->free->id, $this->some->id, $this->dear->id]);
        // What is raised later comes after it.
        ($this->issue)('Later', ['rank' => 'A', 'minutes' => 1]);
        expect(($this->order)()[1])->toBe(['Dear', 'Later']);
        $this->post('/undo')->assertSessionHasNoErrors();
        expect(($this->order)()[0])->toBe(['Dear', 'Later', 'Some']);
        ($this->arrange)([$this->free])->assertSessionHasNoErrors();
        expect(($this->order)()[0][0])->toBe('Free');
        ($this->arrange)([])->assertSessionHasNoErrors();
        expect(($this->order)()[0][0])->toBe('Dear');
    });

    it('holds when the meeting is opened, and is gone once it was held', function (): void {
        ($this->arrange)([$this->free, $this->some, $this->dear]);
        $this->post("/series/{$this->series->id}/open", ['on' => '2027-02-15', 'early' => true]);
        $meeting = Meeting::query()->sole();
        expect($meeting->items()->where('kind', 'issue')->pluck('title')->all())->toBe(['Free', 'Some', 'Dear']);
        $this->post("/meetings/$meeting->id/close")->assertSessionHasNoErrors();
        expect(($this->order)())->toBe([['Dear', 'Some'], ['Free']]);
    });

    it('is not given over one that somebody else gave meanwhile', function (): void {
        $seen = ($this->arranged)();
        $this->actingAs($this->elif);
        ($this->arrange)([$this->free, $this->some, $this->dear], $seen)->assertSessionHasNoErrors();
        $this->actingAs($this->noor);
        ($this->arrange)([$this->some, $this->dear, $this->free], $seen)->assertSessionHasErrors([
            'issues' => 'Somebody reordered this agenda meanwhile. It has been loaded again: move the issue once more.',
        ]);
        ($this->arrange)([], $seen)->assertSessionHasErrors('issues');
        expect(($this->order)())->toBe([['Free', 'Some'], ['Dear']]);
        // Undone meanwhile is reordered as well.
        $seen = ($this->arranged)();
        $this->actingAs($this->elif)->post('/undo');
        $this->actingAs($this->noor);
        ($this->arrange)([$this->some, $this->dear, $this->free], $seen)->assertSessionHasErrors('issues');
    });

    it('is refused when an issue of it is gone, and for who may not run the meeting', function (): void {
        $other = ($this->issue)('Of another', ['series_id' => Made::series([$this->noor])->id]);
        ($this->arrange)([$this->free, $other])->assertSessionHasErrors('issues');
        $this->dear->update(['outcome' => 'dropped', 'settled_on' => '2027-02-10']);
        ($this->arrange)([$this->free, $this->dear])->assertSessionHasErrors('issues');
        $this->put("/series/{$this->series->id}/agenda", ['issues' => [$this->free->id, $this->free->id]])->assertSessionHasErrors();
        $this->actingAs($this->priya);
        ($this->arrange)([$this->free])->assertForbidden();
        expect(Issue::query()->whereNotNull('place')->count())->toBe(0);
    });
});

describe('a comment on an issue', function (): void {
    it('is told to who raised it, who spoke before and who is mentioned, and can be taken back by its writer', function (): void {
        $issue = ($this->issue)('Berth 7');
        $this->post("/issues/$issue->id/comments", ['words' => "Deeper at berth 9.\n\n@Priya Raman, is it?"])->assertSessionHasNoErrors();
        expect(Notification::query()->orderBy('person_id')->pluck('person_id')->all())->toBe([$this->elif->id, $this->priya->id]);
        $this->actingAs($this->priya)->post("/issues/$issue->id/comments", ['words' => 'It is.']);
        expect(Notification::query()->where('person_id', $this->noor->id)->count())->toBe(1);
        expect($this->actingAs($this->noor)->props('/updates')['page']['unread'][0])->toMatchArray([
            'title' => 'Berth 7',
            'link' => "/issues/$issue->id",
        ]);
        $this->actingAs($this->priya);
        $comments = $this->props("/issues/$issue->id")['page']['comments'];
        expect(array_column($comments, 'words'))
            ->toBe(["Deeper at berth 9.\n\n@Priya Raman, is it?", 'It is.'])
            ->and(array_column($comments, 'isMine'))
            ->toBe([false, true]);
        $first = Comment::query()->firstOrFail();
        $this->delete("/comments/$first->id")->assertForbidden();
        $this->actingAs($this->noor)
            ->delete("/comments/$first->id")
            ->assertSessionHasNoErrors();
        $this->post("/issues/$issue->id/comments", ['words' => ''])->assertSessionHasErrors('words');
        expect(Comment::query()->count())->toBe(1);
    });

    it('of a private meeting is told to nobody who may not see it, and is gone from what they were told before', function (): void {
        $issue = ($this->issue)('Berth 7');
        $this->post("/issues/$issue->id/comments", ['words' => '@Priya Raman']);
        $this->series->update(['is_private' => true]);
        $this->post("/issues/$issue->id/comments", ['words' => '@Priya Raman once more']);
        expect(Notification::query()->where('person_id', $this->priya->id)->count())->toBe(1);
        $this->actingAs($this->priya)
            ->post("/issues/$issue->id/comments", ['words' => 'Let me in'])
            ->assertNotFound();
        expect(json_encode($this->props('/updates')['page']))->not->toContain('Berth 7');
    });

    it('is left out of the letter of the morning when it was hidden meanwhile', function (): void {
        NotificationChoice::query()->create([
            'person_id' => $this->priya->id,
            'event' => NotificationEvent::Mentioned,
            'delivery' => Delivery::Morning,
        ]);
        $issue = ($this->issue)('Berth 7');
        $this->post("/issues/$issue->id/comments", ['words' => '@Priya Raman']);
        $this->series->update(['is_private' => true]);
        Made::later('2027-02-11');
        $this->get('/day');
        expect(Letter::query()->get()->map(static fn(Letter $letter): string => $letter->body)->implode(''))->not->toContain('Berth 7');
    });

    it('keeps an issue from being undone away under somebody else’s words', function (): void {
        $this->post("/series/{$this->series->id}/issues", ['title' => 'Berth 7', 'need' => 'decision']);
        $issue = Issue::query()->sole();
        $this->actingAs($this->elif)->post("/issues/$issue->id/comments", ['words' => 'It is deeper.']);
        $this->actingAs($this->noor)->post('/undo')->assertSessionHasErrors();
        expect(Issue::query()->count())
            ->toBe(1)
            ->and(Comment::query()->count())
            ->toBe(1);
    });
});

it('leads to what will be looked at, but to no goal that is hidden', function (): void {
    $goal = Made::goal($this->noor, more: ['title' => 'Twelve harbours']);
    $this->series->standingItems()->create(['position' => 0, 'title' => 'Harbours', 'minutes' => 5, 'goal_id' => $goal->id]);
    $look = fn(): mixed => collect($this->props("/series/{$this->series->id}")['page']['agenda']['items'])->firstWhere('title', 'Harbours')[
        'look'
    ];
    expect($look()['value'])->toBe("/goals/$goal->id");
    $goal->update(['visibility' => 'only_me']);
    $this->actingAs($this->elif);
    expect($look())->toBeNull();
});

it('proposes the goal that an issue is likely about, of those that all may see', function (): void {
    $goal = Made::goal($this->noor, more: ['title' => 'Twelve harbours fitted']);
    $asked = fn(string $words) => $this->getJson('/issues/goal?words='.urlencode($words))
        ->assertOk()
        ->json('goal.value');
    expect($asked('Which harbour is fitted first?'))->toBe((string) $goal->id)->and($asked('Coffee'))->toBeNull();
    $goal->update(['visibility' => 'only_me']);
    expect($asked('Which harbour is fitted first?'))->toBeNull();
    $this->getJson('/issues/goal')->assertUnprocessable();
});
