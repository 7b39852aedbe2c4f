<?php

declare(strict_types=1);

use App\Models\Issue;
use App\Models\Jot;
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
