<?php

declare(strict_types=1);

use App\Models\Jot;
use App\Models\Role;
use App\Models\Task;
use App\Models\Visibility;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Tests\Feature\Made;
use Tests\Feature\Walk;
use Tests\Feature\Writes;

/** As the queue of a page sends a change. */
function change(string $method, string $address, array $data, string $key, string $from = '/week'): mixed
{
    return test()->json($method, $address, $data, ['Idempotency-Key' => $key, 'Referer' => url($from)]);
}

describe('a change that is sent without a page', function (): void {
    it('is answered by a receipt, the same one whenever it is sent again, and is done once', function (): void {
        Storage::fake();
        [$owner, $at, $sent] = Writes::prepared();
        $this->actingAs($owner);

        foreach (array_keys($sent) as $name) {
            DB::beginTransaction();
            [$method, $address] = Writes::address($name, $at);
            $key = Str::uuid()->toString();
            $first = change($method, $address, $sent[$name], $key);
            $first->assertOk()->assertJsonStructure(['to', 'change', 'problem', 'link']);
            expect($first->json('to'))->not->toBe('/week', $name)->and(session()->has('change'))->toBeFalse($name);
            $once = $this->everythingStored();
            Walk::pause();
            $again = change($method, $address, $sent[$name], $key, '/year');
            expect($again->assertOk()->json('change'))->toEqual($first->json('change'), $name);
            $this->assertStoredAs($once, $name);
            DB::rollBack();
        }
    });

    it('says which step undoes it, and leads on where it made something with a page of its own', function (): void {
        Made::workspace();
        $this->actingAs(Made::person(Role::Lead));
        $made = change('post', '/projects', ['title' => 'Moorings', 'state' => 'active'], 'one');
        expect($made->json('to'))->toMatch('~^/projects/\d+~')->and($made->json('change.batch'))->toBeString();

        $jotted = change('post', '/jots', ['words' => 'Ring the mill'], 'two');
        expect($jotted->json('to'))->toBeNull()->and($jotted->json('change.words'))->toContain('tray');
        change('post', "/undo/{$jotted->json('change.batch')}", [], 'three')->assertOk();
        expect(Jot::query()->where('words', 'Ring the mill')->exists())->toBeFalse();
    });

    it('is refused at its field, with what stands there where somebody else changed it', function (): void {
        Made::workspace();
        $me = Made::person(Role::Lead);
        $this->actingAs($me);
        $task = Made::task($me, ['title' => 'Ring the mill', 'notes' => 'By Elif.']);

        change('put', "/tasks/$task->id", ['title' => '', 'seen' => ['title' => 'Ring the mill']], 'one')
            ->assertUnprocessable()
            ->assertJsonValidationErrorFor('title')
            ->assertJsonMissingPath('stands');
        change('put', "/tasks/$task->id", ['notes' => 'By Noor.', 'seen' => ['notes' => '']], 'two')
            ->assertUnprocessable()
            ->assertJsonValidationErrorFor('notes')
            ->assertJson(['stands' => ['notes' => 'By Elif.']]);
        expect($task->refresh()->notes)->toBe('By Elif.');
        // To send it again is to decide.
        change('put', "/tasks/$task->id", ['notes' => 'By Noor.', 'seen' => ['notes' => 'By Elif.']], 'three')->assertOk();
        expect($task->refresh()->notes)->toBe('By Noor.');
    });

    it('is answered in one sentence where it cannot be, whether what it concerns is hidden or missing', function (): void {
        Made::workspace();
        $this->actingAs(Made::person(Role::Member));
        $theirs = Made::task(Made::person(Role::Member), ['title' => 'Secret', 'visibility' => Visibility::OnlyMe]);
        $hidden = change('put', "/tasks/$theirs->id/tick", ['done' => true], 'one');
        $missing = change('put', '/tasks/999999/tick', ['done' => true], 'two');
        expect($hidden->getStatusCode())->toBe($missing->getStatusCode())->and($hidden->json())->toBe($missing->json());
        expect(Task::query()->whereNotNull('done_on')->count())->toBe(0);
    });

    it('keeps whoever presses signed in, and says that nobody is', function (): void {
        Made::workspace();
        expect(change('post', '/jots', ['words' => 'x'], 'one')->assertUnauthorized()->json('message'))->toContain('signed out');
        expect(Jot::query()->count())->toBe(0);
    });
});
