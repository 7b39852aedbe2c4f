<?php

declare(strict_types=1);

use App\Models\Absence;
use App\Models\Habit;
use App\Models\HabitTick;
use App\Models\Reading;
use App\Models\Role;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->me = Made::person(name: 'Noor Aksoy');
    $this->other = Made::person(Role::Lead, 'Elif Demir');
    $this->actingAs($this->me);
    $this->day = fn(string $at = '/'): array => $this->props($at)['page'];
});

describe('habits', function (): void {
    beforeEach(function (): void {
        $this->habit = function (array $more = []): Habit {
            $this->post('/habits', ['title' => 'Walk', 'per' => 'day', 'times' => 1, ...$more])->assertSessionHasNoErrors();
            $habit = Habit::query()->latest('id')->firstOrFail();
            $habit->update(['began_on' => '2027-02-01']);

            return $habit;
        };
        $this->tick = fn(Habit $habit, string $on, int $count = 1) => $this->put("/habits/$habit->id/ticks", [
            'on' => $on,
            'count' => $count,
        ]);
    });

    it('are ticked for any day that has begun, and counted in a row', function (): void {
        $habit = ($this->habit)();

        foreach (['2027-02-08', '2027-02-09', Made::TODAY] as $on) {
            ($this->tick)($habit, $on)->assertSessionHasNoErrors();
        }

        expect(($this->day)()['habits'][0])->toMatchArray(['inARow' => 3, 'today' => 1, 'met' => 3]);
        ($this->tick)($habit, '2027-02-09', 0);
        expect(($this->day)()['habits'][0]['inARow'])
            ->toBe(1)
            ->and(HabitTick::query()->count())
            ->toBe(2);
        ($this->tick)($habit, '2027-02-11')->assertSessionHasErrors('on');
    });

    it('began earlier if they were done earlier', function (): void {
        $habit = ($this->habit)();
        ($this->tick)($habit, '2027-01-20');
        expect((string) $habit->refresh()->began_on)->toBe('2027-01-20');
        $this->post('/undo');
        expect((string) $habit->refresh()->began_on)->toBe('2027-02-01');
    });

    it('rest while one is away', function (): void {
        $habit = ($this->habit)();
        ($this->tick)($habit, '2027-02-05');
        $this->post('/absences', ['first' => '2027-02-06', 'last' => '2027-02-09'])->assertSessionHasNoErrors();

        expect(($this->day)()['habits'][0]['inARow'])->toBe(1);
        $this->delete('/absences/'.Absence::query()->sole()->id);
        expect(($this->day)()['habits'][0]['inARow'])->toBe(0);
    });

    it('are asked for only on their weekdays, and no longer once they ended', function (): void {
        $habit = ($this->habit)(['weekdays' => ['monday', 'thursday']]);
        expect(($this->day)()['habits'])->toBe([])->and(($this->day)('/days/2027-02-08')['habits'])->toHaveCount(1);

        $this->delete("/habits/$habit->id");
        expect(($this->day)('/days/2027-02-11')['habits'])
            ->toBe([])
            ->and(($this->day)('/days/2027-02-08')['habits'])
            ->toHaveCount(1)
            ->and(($this->day)('/log')['habits'])
            ->toHaveCount(1);
    });

    it('keep the readings of a number goal of one’s own, from the day on that was ticked', function (): void {
        $goal = Made::goal($this->me, '2027-Q1', ['measure' => 'number', 'start_value' => 0, 'target_value' => 10]);
        $habit = ($this->habit)(['goal' => $goal->id, 'per' => 'week', 'times' => 3]);
        $values = static fn(): array => Reading::query()
            ->orderBy('on')
            ->get()
            ->mapWithKeys(static fn(Reading $reading): array => [(string) $reading->on => (float) $reading->value])
            ->all();
        ($this->tick)($habit, '2027-02-05');
        ($this->tick)($habit, '2027-02-09', 2);
        expect($values())->toBe(['2027-02-05' => 1.0, '2027-02-09' => 3.0]);

        ($this->tick)($habit, '2027-02-08');
        expect($values())->toBe(['2027-02-05' => 1.0, '2027-02-08' => 2.0, '2027-02-09' => 4.0]);
        ($this->tick)($habit, '2027-02-05', 0);
        expect($values())->toBe(['2027-02-08' => 1.0, '2027-02-09' => 3.0]);
        $this->post('/undo');
        expect($values())->toBe(['2027-02-05' => 1.0, '2027-02-08' => 2.0, '2027-02-09' => 4.0]);

        // A closed goal keeps what it had.
        $goal->update(['closed_on' => Made::TODAY, 'result' => 'met']);
        ($this->tick)($habit, Made::TODAY);
        expect($values())->toHaveCount(3);
    });

    it('keep no goal of somebody else’s, none that is hidden, and none without a number', function (): void {
        $theirs = Made::goal($this->other, '2027-Q1', ['measure' => 'number', 'start_value' => 0, 'target_value' => 10]);
        $hidden = Made::goal($this->other, '2027-Q1', [
            'measure' => 'number',
            'start_value' => 0,
            'target_value' => 1,
            'visibility' => 'only_me',
        ]);
        $work = Made::goal($this->me, '2027-Q1');

        foreach (
            [
                [$theirs->id, 'Only a goal of your own can be kept by a habit.'],
                [$hidden->id, 'This goal no longer exists.'],
                [999999, 'This goal no longer exists.'],
                [$work->id, 'Only a goal that is measured by a number can be kept by a habit.'],
            ] as [$goal, $why]
        ) {
            $this->assertRefused('post', '/habits', ['title' => 'x', 'per' => 'day', 'times' => 1, 'goal' => $goal], ['goal' => $why]);
        }
    });

    it('refuse absurd values', function (array $wrong, string $field): void {
        $this->post('/habits', ['title' => 'Walk', 'per' => 'day', 'times' => 1, ...$wrong])->assertSessionHasErrors($field);
        expect(Habit::query()->count())->toBe(0);
    })->with([
        [['times' => 0], 'times'],
        [['times' => 100], 'times'],
        [['per' => 'year'], 'per'],
        [['title' => ''], 'title'],
        [['weekdays' => ['someday']], 'weekdays.0'],
        [['weekdays' => ['monday', 'monday']], 'weekdays.0'],
        [['weekdays' => 'monday'], 'weekdays'],
    ]);
});
