<?php

declare(strict_types=1);

use App\Models\Issue;
use App\Models\Jot;
use App\Models\Task;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->me = Made::person(name: 'Noor Aksoy');
    $this->other = Made::person(name: 'Elif Demir');
    $this->actingAs($this->me);
    $this->post('/jots', ['words' => 'Who holds the second key of the fuel shed']);
    $this->jot = Jot::query()->sole();
    $this->raise = fn(int $series, string $title = 'Who holds the second key?') => $this->post("/jots/{$this->jot->id}/issue", [
        'title' => $title,
        'series' => $series,
    ]);
});

it('raises a jot as an issue of a meeting, which can be undone', function (): void {
    $series = Made::series([$this->me, $this->other], ['title' => 'Quay hour']);
    expect(array_column($this->props('/tray')['page']['meetings'], 'label'))->toBe(['Quay hour']);
    ($this->raise)($series->id)->assertSessionHasNoErrors();
    $issue = Issue::query()->sole();

    expect([$issue->title, $issue->series_id, $issue->raised_by])
        ->toBe(['Who holds the second key?', $series->id, $this->me->id])
        ->and($this->props('/tray')['page']['items'])
        ->toBe([]);
    ($this->raise)($series->id)->assertSessionHasErrors(['jot' => 'This has been sorted already.']);
    $this->post('/undo')->assertSessionHasNoErrors();
    expect(Issue::query()->count())
        ->toBe(0)
        ->and($this->props('/tray')['page']['items'])
        ->toHaveCount(1);
});

it('keeps what a long jot says besides its title as the context', function (): void {
    $series = Made::series([$this->me]);
    $this->jot->update(['words' => str_repeat('Who holds the key? ', 20)]);
    ($this->raise)($series->id);
    expect(Issue::query()->sole()->context)->toContain('Who holds the key?');
});

it('raises nothing in a meeting that one may not see, or that is not there', function (): void {
    $private = Made::series([$this->other], ['is_private' => true, 'title' => 'A secret talk']);
    expect(json_encode($this->props('/tray')))->not->toContain('secret');

    foreach ([$private->id, 999999] as $series) {
        $sent = ['title' => 'x', 'series' => $series];
        $this->assertRefused('post', "/jots/{$this->jot->id}/issue", $sent, ['series' => 'This meeting no longer exists.']);
    }

    ($this->raise)($private->id, '')->assertSessionHasErrors('title');
    $this->actingAs($this->other);
    ($this->raise)($private->id)->assertNotFound();
});

describe('several at once', function (): void {
    beforeEach(function (): void {
        $this->post('/jots', ['words' => "Ring the office tomorrow\nOrder rope, 30 min"]);
        $this->ids = Jot::query()->orderBy('id')->pluck('id')->all();
        $this->many = fn(array $ids, string $what = 'task', ?string $planned = '2027-W07') => $this->put('/jots/many', [
            'jots' => $ids,
            'what' => $what,
            'planned' => $planned,
        ]);
    });

    it('become tasks by what each line says, and planned where it does not say when', function (): void {
        ($this->many)($this->ids)->assertSessionHasNoErrors();
        expect(
            Task::query()
                ->orderBy('id')
                ->get(['title', 'planned', 'minutes'])
                ->toArray(),
        )
            ->toBe([
                ['title' => 'Who holds the second key of the fuel shed', 'planned' => '2027-W07', 'minutes' => null],
                ['title' => 'Ring the office', 'planned' => '2027-02-11', 'minutes' => null],
                ['title' => 'Order rope', 'planned' => '2027-W07', 'minutes' => 30],
            ])
            ->and($this->props('/tray')['page']['items'])
            ->toBe([]);
        $this->post('/undo')->assertSessionHasNoErrors();
        expect(Task::query()->count())
            ->toBe(0)
            ->and($this->props('/tray')['page']['items'])
            ->toHaveCount(3);
    });

    it('keep what is longer than a title', function (): void {
        $this->jot->update(['words' => str_repeat('Who holds the key? ', 20)]);
        ($this->many)([$this->jot->id])->assertSessionHasNoErrors();
        $task = Task::query()->sole();
        expect(mb_strlen($task->title))->toBeLessThanOrEqual(200)->and($task->notes)->toBe($this->jot->words);
    });

    it('are deleted as one', function (): void {
        ($this->many)(array_slice($this->ids, 0, 2), 'delete', null);
        expect($this->props('/tray')['page']['items'])->toHaveCount(1);
        $this->post('/undo');
        expect($this->props('/tray')['page']['items'])->toHaveCount(3);
    });

    it('are all sorted or none', function (): void {
        $this->delete("/jots/{$this->ids[1]}");
        $theirs = Jot::query()->create(['person_id' => $this->other->id, 'words' => 'x', 'jotted_on' => Made::TODAY]);

        foreach ([$this->ids, [$this->ids[0], $theirs->id], [$this->ids[0], 999999]] as $ids) {
            ($this->many)($ids)->assertSessionHasErrors(['jots' => 'One of these is no longer in your tray. Nothing was sorted.']);
        }

        expect(Task::query()->count())->toBe(0);
        ($this->many)([])->assertSessionHasErrors('jots');
        ($this->many)([$this->ids[0]], 'burn')->assertSessionHasErrors('what');
        ($this->many)([$this->ids[0]], 'task', 'soon')->assertSessionHasErrors('planned');
    });
});
