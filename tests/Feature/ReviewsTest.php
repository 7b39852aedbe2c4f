<?php

declare(strict_types=1);

use App\Models\Review;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->me = Made::person(name: 'Noor Aksoy');
    $this->actingAs($this->me);
    $this->weeks = fn(): array => array_values(
        array_filter(
            array_column(array_column($this->props('/reviews')['page']['rows'], 'period'), 'name'),
            static fn(string $name): bool => str_contains($name, 'W'),
        ),
    );
});

it('works out what happened in the week', function (): void {
    $year = Made::goal($this->me, '2027', ['mark' => 'HB']);
    $quarter = Made::goal($this->me, '2027-Q1', ['parent_id' => $year->id]);
    Made::goal($this->me, '2027-W05', ['parent_id' => $quarter->id, 'is_firm' => true]);
    $project = Made::project($this->me, [$quarter]);
    Made::task($this->me, ['project_id' => $project->id, 'done_on' => '2027-02-03', 'minutes' => 90]);
    Made::task($this->me, ['project_id' => $project->id]);
    Made::task($this->me, ['done_on' => '2027-02-04']);
    Made::task($this->me, ['title' => 'Late', 'due_on' => '2027-02-05', 'planned' => '2027-W05']);
    Made::task($this->me, ['title' => 'Waits', 'waiting_on' => 'the office']);
    Made::task($this->me, ['title' => 'No recent activity', 'changed_on' => '2026-12-01']);
    $page = $this->props('/reviews/2027-W05')['page'];

    expect($page['facts'])
        ->toMatchArray([
            'minutes' => 120,
            'alignment' => 75,
            'before' => null,
            'done' => 2,
            'late' => 1,
            'carried' => 1,
            'withOthers' => 1,
            'withoutActivity' => 1,
        ])
        ->and(array_column($page['facts']['work'], 'minutes'))
        ->toBe([90, 30])
        ->and($page['facts']['work'][0]['cord']['mark'])
        ->toBe('HB')
        ->and($page['facts']['moved'][0]['change'])
        ->toEqual(25)
        ->and($page['facts']['promised'][0]['isFirm'])
        ->toBeTrue()
        ->and(array_map(fn(array $group): array => [$group['reason'], array_column($group['tasks'], 'title')], $page['leftOver']))
        ->toBe([['Late', ['Late']], ['Waiting for others', ['Waits']], ['No recent activity', ['No recent activity']]]);
});

it('keeps the words as they are written and the facts as they were seen', function (): void {
    $task = Made::task($this->me, ['done_on' => '2027-02-03']);
    $this->put('/reviews/2027-W05/answers', ['question' => 'still', 'words' => 'The farms.'])->assertSessionHasNoErrors();
    $this->put('/reviews/2027-W05/answers', ['question' => 'still', 'words' => 'The farms, again.']);
    $this->post('/reviews/2027-W05/hold')->assertSessionHasNoErrors();
    $task->update(['done_on' => null]);
    $page = $this->props('/reviews/2027-W05')['page'];

    expect($page['facts'])
        ->toBeNull()
        ->and($page['kept']['done'])
        ->toBe(1)
        ->and($page['heldAt'])
        ->toBe(Made::TODAY)
        ->and(array_column($page['questions'], 'answer', 'key')['still'])
        ->toBe('The farms, again.')
        ->and($this->props('/reviews/2027-W06')['page']['questions'][1]['before'])
        ->toBe([['period' => '2027-W05', 'words' => 'The farms, again.']])
        ->and(array_column($this->props('/')['frame']['rail']['weeks'], 'isReviewed', 'name')['2027-W05'])
        ->toBeTrue();

    $this->post('/reviews/2027-W05/hold')->assertSessionHasErrors('review');
    $this->post('/reviews/2027-W05/reopen');
    expect($this->props('/reviews/2027-W05')['page']['facts']['done'])->toBe(0);
});

it('has nothing to look back on in a week to come', function (): void {
    $this->get('/reviews/2027-W09')->assertOk();
    $this->put('/reviews/2027-W09/answers', ['question' => 'moved', 'words' => 'x'])->assertSessionHasErrors('review');
    $this->post('/reviews/2027-W09/hold')->assertSessionHasErrors('review');
    expect(Review::query()->count())->toBe(0);
});

it('counts no week as missed that was over before one came', function (): void {
    expect(($this->weeks)())->toBe(['2027-W06']);
    $review = collect($this->props('/')['page']['passes'])->firstWhere('kind', 'review');
    expect([$review['title'], $review['isDue']])->toBe(['Review week 6', false]);

    Made::task($this->me, ['created_on' => '2027-01-20']);
    expect(($this->weeks)())->toBe(['2027-W06', '2027-W05', '2027-W04', '2027-W03']);
    $review = collect($this->props('/')['page']['passes'])->firstWhere('kind', 'review');
    expect([$review['title'], $review['isDue']])->toBe(['Review week 5', true]);
});

it('lists the weeks of the year so far', function (): void {
    Made::task($this->me, ['created_on' => '2027-01-04']);
    $this->put('/reviews/2027-W05/answers', ['question' => 'moved', 'words' => 'Crews.']);
    $this->post('/reviews/2027-W05/hold');
    $week = collect($this->props('/reviews')['page']['rows'])->firstWhere('period.name', '2027-W05');

    expect(($this->weeks)())
        ->toHaveCount(6)
        ->and($week)
        ->toMatchArray(['heldAt' => Made::TODAY, 'words' => 'Crews.']);
});
