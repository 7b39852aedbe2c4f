<?php

declare(strict_types=1);

use App\Models\FocusSession;
use App\Models\Role;
use App\Models\Visibility;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->me = Made::person(name: 'Noor Aksoy');
    $this->other = Made::person(Role::Lead, 'Elif Demir');
    $this->actingAs($this->me);
    $this->day = fn(string $at = '/'): array => $this->props($at)['page'];
});

describe('a focus session', function (): void {
    beforeEach(function (): void {
        $this->begin = fn(array $more = []) => $this->post('/focus-sessions', ['intent' => 'Write the offer', 'minutes' => 50, ...$more]);
    });

    it('runs on the server’s clock and ends with what came of it', function (): void {
        ($this->begin)()->assertSessionHasNoErrors();
        Carbon::setTestNow(Made::TODAY.' 09:20:00');
        $running = ($this->day)()['running'];
        expect($running)->toMatchArray(['intent' => 'Write the offer', 'elapsed' => 1200, 'at' => '09:00', 'until' => null]);

        $this->put("/focus-sessions/{$running['id']}", ['outcome' => 'stuck', 'obstacle' => 'Phone'])->assertSessionHasNoErrors();
        $page = ($this->day)();
        expect($page['running'])
            ->toBeNull()
            ->and($page['sessions'][0])
            ->toMatchArray(['until' => '09:20', 'worked' => 20, 'outcome' => 'stuck', 'obstacle' => 'Phone'])
            ->and($page['hours']['went'])
            ->toBe([['kind' => 'session', 'title' => 'Write the offer', 'from' => 540, 'until' => 560]]);
    });

    it('is one at a time, and each person’s own', function (): void {
        ($this->begin)();
        ($this->begin)()->assertSessionHasErrors(['intent' => 'A focus session is running. End it before you begin another.']);
        $this->actingAs($this->other);
        ($this->begin)()->assertSessionHasNoErrors();
        expect(FocusSession::query()->count())->toBe(2);
    });

    it('that was forgotten ended when it was meant to', function (): void {
        ($this->begin)();
        Made::later('2027-02-12');
        expect(($this->day)()['running']['at'])->toBe('09:00');
        ($this->begin)(['intent' => 'Another'])->assertSessionHasNoErrors();
        [$first, $second] = FocusSession::query()->orderBy('id')->get()->all();

        expect((string) $first->ended_at)
            ->toBe('2027-02-10 09:50:00')
            ->and($first->outcome)
            ->toBeNull()
            ->and($second->ended_at)
            ->toBeNull();
    });

    it('cannot be brought back into running beside another', function (): void {
        ($this->begin)();
        $this->put('/focus-sessions/1', ['outcome' => 'finished']);
        ($this->begin)(['intent' => 'Another']);
        $batch = DB::table('changes')->where('words', 'like', 'Ended%')->value('batch');
        $this->post("/undo/$batch")->assertSessionHasErrors('undo');
        expect(FocusSession::query()->whereNull('ended_at')->sole()->intent)->toBe('Another');
    });

    it('refuses absurd lengths, a second end, and a task that one cannot see', function (): void {
        $hidden = Made::task($this->other, ['visibility' => Visibility::OnlyMe]);

        foreach (
            [
                ['minutes' => 0],
                ['minutes' => 241],
                ['rounds' => 13],
                ['break' => 61],
                ['minutes' => 'x'],
                ['intent' => ''],
                ['outcome' => 'x'],
            ] as $wrong
        ) {
            $field = array_key_first($wrong);
            $field === 'outcome' || ($this->begin)($wrong)->assertSessionHasErrors($field);
        }

        ($this->begin)(['task' => $hidden->id])->assertSessionHasErrors(['task' => 'This task no longer exists.']);
        ($this->begin)(['task' => 999999])->assertSessionHasErrors(['task' => 'This task no longer exists.']);
        ($this->begin)();
        $this->put('/focus-sessions/1', ['outcome' => 'nothing'])->assertSessionHasErrors('outcome');
        $this->put('/focus-sessions/1', ['outcome' => 'moved'])->assertSessionHasNoErrors();
        $this->put('/focus-sessions/1', ['outcome' => 'finished'])->assertSessionHasErrors('outcome');
    });

    it('counts breaks as no work', function (): void {
        ($this->begin)(['minutes' => 25, 'rounds' => 2, 'break' => 5]);
        Carbon::setTestNow(Made::TODAY.' 09:55:00');
        $this->put('/focus-sessions/1', ['outcome' => 'finished']);
        expect(($this->day)()['sessions'][0]['worked'])
            ->toBe(50)
            ->and(($this->day)('/log')['focusMinutes'])
            ->toBe(50);
    });
});
