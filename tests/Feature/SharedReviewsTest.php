<?php

declare(strict_types=1);

use App\Models\Answer;
use App\Models\Group;
use App\Models\Membership;
use App\Models\Review;
use App\Models\ReviewQuestion;
use App\Models\Role;
use App\Models\Share;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->me = Made::person(Role::Lead, 'Noor Aksoy');
    $this->elif = Made::person(Role::Lead, 'Elif Demir');
    $this->priya = Made::person(name: 'Priya Raman');
    Made::task($this->me, ['created_on' => '2026-06-01', 'title' => 'A secret task', 'done_on' => '2027-02-03', 'visibility' => 'only_me']);
    $this->actingAs($this->me);

    foreach (['moved' => 'Two crews.', 'still' => "The farms.\n\n  And the price."] as $question => $words) {
        $this->put('/reviews/2027-W05/answers', ['question' => $question, 'words' => $words])->assertSessionHasNoErrors();
    }

    $this->post('/reviews/2027-W05/hold');
    $this->review = Review::query()->sole();
    $this->still = Answer::query()->where('question', 'still')->sole();
    $this->share = fn(string $of, int $id, $with, bool $isShared = true) => $this->put('/review-shares', [
        'of' => $of,
        'id' => $id,
        'with' => $with instanceof Group ? 'group' : 'person',
        'whom' => $with->id,
        'isShared' => $isShared,
    ]);
    $this->read = fn($person): array => array_map(
        static fn(array $review): array => [$review['by']['name'], $review['period'], array_column($review['answers'], 'words')],
        $this->actingAs($person)->props('/reviews/shared')['page']['reviews'],
    );
});

it('lets a person read one answer, and nothing else of it, until it is taken back', function (): void {
    ($this->share)('answer', $this->still->id, $this->elif)->assertSessionHasNoErrors();
    expect(($this->read)($this->elif))
        ->toBe([['Noor Aksoy', '2027-W05', ["The farms.\n\n  And the price."]]])
        ->and(($this->read)($this->priya))
        ->toBe([])
        ->and(($this->read)($this->me))
        ->toBe([]);
    $this->actingAs($this->me);
    ($this->share)('answer', $this->still->id, $this->elif, false)->assertSessionHasNoErrors();
    expect(($this->read)($this->elif))->toBe([]);
});

it('lets a person read all the words of a review, but none of its facts and nothing that was only ticked', function (): void {
    $this->post('/review-questions', ['horizon' => 'week', 'words' => 'Backup', 'isCheck' => true]);
    $key = ReviewQuestion::query()->sole()->key;
    $this->put('/reviews/2027-W05/answers', ['question' => $key, 'words' => 'done']);
    ($this->share)('review', $this->review->id, $this->elif)->assertSessionHasNoErrors();
    $page = $this->actingAs($this->elif)->props('/reviews/shared')['page'];
    expect(array_column($page['reviews'][0]['answers'], 'words'))
        ->toBe(['Two crews.', "The farms.\n\n  And the price."])
        ->and(json_encode($page))
        ->not->toContain('secret')
        ->not->toContain('Backup');
    // The review itself, and its search, stay the writer's.
    expect($this->props('/reviews/2027-W05')['page']['questions'][0]['answer'])
        ->toBe('')
        ->and($this->props('/reviews/answers?q=farms')['page']['answers'])
        ->toBe([]);
});

it('lets a group read it, whoever is in it now', function (): void {
    $leads = Group::query()->create(['name' => 'Leads']);
    $member = Membership::query()->create(['group_id' => $leads->id, 'person_id' => $this->priya->id]);
    ($this->share)('review', $this->review->id, $leads)->assertSessionHasNoErrors();
    ($this->share)('answer', $this->still->id, $leads)->assertSessionHasNoErrors();
    expect(($this->read)($this->priya)[0][2])
        ->toHaveCount(2)
        ->and(($this->read)($this->elif))
        ->toBe([]);
    $member->delete();
    expect(($this->read)($this->priya))->toBe([]);
});

it('shows what is written later too, and says to the writer with whom it is shared', function (): void {
    ($this->share)('review', $this->review->id, $this->elif);
    $this->post('/reviews/2027-W05/reopen');
    $this->put('/reviews/2027-W05/answers', ['question' => 'surprised', 'words' => 'The ferry.', 'seen' => ['words' => '']]);
    expect($this->props('/reviews/2027-W05')['page']['sharing']['shares'])
        ->toBe([['isGroup' => false, 'id' => $this->elif->id, 'name' => 'Elif Demir']])
        ->and(($this->read)($this->elif)[0][2])
        ->toContain('The ferry.');
});

it('is for the writer alone to say, once however often it is pressed', function (): void {
    ($this->share)('review', $this->review->id, $this->me)->assertSessionHasErrors('with');
    ($this->share)('review', $this->review->id, $this->elif);
    ($this->share)('review', $this->review->id, $this->elif);
    expect(Share::query()->count())->toBe(1);
    $this->actingAs($this->elif);
    ($this->share)('review', $this->review->id, $this->priya)->assertNotFound();
    ($this->share)('answer', $this->still->id, $this->priya)->assertNotFound();
    ($this->share)('review', $this->review->id, $this->elif, false)->assertNotFound();
    $this->put('/review-shares', ['of' => 'diary', 'id' => 1, 'with' => 'world', 'whom' => 1, 'isShared' => true])->assertSessionHasErrors([
        'of',
        'with',
    ]);
    expect(Share::query()->count())->toBe(1);
});

it('is undone as any change, and goes with the answer', function (): void {
    ($this->share)('review', $this->review->id, $this->elif);
    $this->post('/undo')->assertSessionHasNoErrors();
    expect(($this->read)($this->elif))->toBe([]);
});
