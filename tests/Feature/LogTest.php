<?php

declare(strict_types=1);

use App\Models\Habit;
use App\Models\HabitTick;
use App\Models\LogLine;
use App\Models\Role;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->me = Made::person(name: 'Noor Aksoy');
    $this->other = Made::person(Role::Lead, 'Elif Demir');
    $this->actingAs($this->me);
    $this->day = fn(string $at = '/'): array => $this->props($at)['page'];
});

describe('the log', function (): void {
    it('keeps lines in the order of time, the tag from their first word', function (): void {
        $this->post('/log-lines', ['on' => Made::TODAY, 'words' => 'Finding: one key against a deposit']);
        $this->post('/log-lines', ['on' => Made::TODAY, 'words' => 'Fog until nine', 'at' => '08:10']);
        $log = ($this->day)()['log'];

        expect(array_column($log, 'words'))
            ->toBe(['Fog until nine', 'one key against a deposit'])
            ->and(array_column($log, 'tag'))
            ->toBe([null, 'finding'])
            ->and($log[1]['at'])
            ->toBe('09:00');
    });

    it('is written for any day that has begun, and changed later', function (): void {
        $this->post('/log-lines', ['on' => '2026-02-28', 'words' => 'Snow', 'at' => '07:00'])->assertSessionHasNoErrors();
        $line = LogLine::query()->sole();
        $this->put("/log-lines/$line->id", [
            'words' => 'Snow, a metre of it',
            'at' => '07:30',
            'tag' => 'idea',
        ])->assertSessionHasNoErrors();

        expect(($this->day)('/days/2026-02-28')['log'][0])->toMatchArray([
            'words' => 'Snow, a metre of it',
            'at' => '07:30',
            'tag' => 'idea',
        ]);
        $this->delete("/log-lines/$line->id");
        expect(LogLine::query()->count())->toBe(0);
        $this->post('/undo');
        expect(LogLine::query()->sole()->words)->toBe('Snow, a metre of it');
    });

    it('refuses a day to come, nothing written, and a time that is none', function (): void {
        $this->assertRefused(
            'post',
            '/log-lines',
            ['on' => '2027-02-11', 'words' => 'x'],
            [
                'words' => 'This day is still to come. Jot it, or plan it.',
            ],
        );
        $this->post('/log-lines', ['on' => Made::TODAY, 'words' => ' '])->assertSessionHasErrors('words');
        $this->post('/log-lines', ['on' => Made::TODAY, 'words' => 'x', 'at' => '25:00'])->assertSessionHasErrors('at');
        expect(LogLine::query()->count())->toBe(0);
    });

    it('is found again by tag and by words over all months, whatever its letters', function (): void {
        $lines = [['2026-07-01', 'Decision: Pay 100% of the DEPOSIT'], ['2027-01-05', 'Finding: it drifts'], [Made::TODAY, 'A plain line']];

        foreach ($lines as [$on, $words]) {
            $this->post('/log-lines', ['on' => $on, 'words' => $words]);
        }

        $found = fn(string $query): array => array_column(
            array_merge(...array_column(($this->day)("/log$query")['days'], 'lines')),
            'words',
        );
        expect($found(''))
            ->toBe(['A plain line'])
            ->and(($this->day)('/log')['counts'])
            ->toEqual(['decision' => 1, 'finding' => 1])
            ->and($found('/2026-07-12'))
            ->toBe(['Pay 100% of the DEPOSIT'])
            ->and($found('?tag=finding'))
            ->toBe(['it drifts'])
            ->and($found('?words=deposit'))
            ->toBe(['Pay 100% of the DEPOSIT'])
            ->and($found('?words='.urlencode('100%')))
            ->toBe(['Pay 100% of the DEPOSIT'])
            ->and($found('?words='.urlencode('%')))
            ->toBe(['Pay 100% of the DEPOSIT'])
            ->and($found('?words=_'))
            ->toBe([])
            ->and($found('?tag=finding&words=deposit'))
            ->toBe([]);
    });
});

it('shows the last four weeks day by day, whatever month it is', function (): void {
    Made::later('2027-03-01');
    LogLine::query()->create(['person_id' => $this->me->id, 'on' => '2027-02-02', 'at' => '08:00', 'words' => 'First of them']);
    LogLine::query()->create(['person_id' => $this->me->id, 'on' => '2027-02-01', 'at' => '08:00', 'words' => 'The day before']);
    $log = ($this->day)('/log');

    expect(array_column($log['days'], 'on'))
        ->toHaveCount(28)
        ->and([$log['days'][0]['on'], $log['days'][27]['on'], $log['days'][27]['lines'][0]['words']])
        ->toBe(['2027-03-01', '2027-02-02', 'First of them'])
        ->and(($this->day)('/log/2027-02-01')['days'][0]['lines'][0]['words'])
        ->toBe('The day before')
        // What is still to come is not shown.
        ->and(($this->day)('/log/2027-05-01')['until'])
        ->toBe('2027-03-01');
    $this->get('/log/2027-02-30')->assertNotFound();
});

it('has no days before somebody came, unless something is known of them', function (): void {
    $this->me->forceFill(['created_at' => '2027-02-08 07:00:00'])->save();
    $log = ($this->day)('/log');
    expect(array_column($log['days'], 'on'))
        ->toBe(['2027-02-10', '2027-02-09', '2027-02-08'])
        ->and([$log['from'], $log['hasEarlier']])
        ->toBe(['2027-02-08', false]);

    $line = ['person_id' => $this->me->id, 'at' => '08:00', 'words' => 'From the book before'];
    LogLine::query()->create(['on' => '2027-02-06', ...$line]);
    LogLine::query()->create(['on' => '2026-11-06', ...$line]);
    $log = ($this->day)('/log');
    expect([$log['from'], count($log['days']), $log['hasEarlier']])->toBe(['2027-02-06', 5, true]);
});

it('leaves weeks alone in which somebody was not there', function (): void {
    $this->me->forceFill(['created_at' => '2027-01-28 07:00:00'])->save();
    $weeks = array_column($this->props('/')['frame']['rail']['weeks'], 'isMissed', 'name');

    expect([$weeks['2027-W03'], $weeks['2027-W04'], $weeks['2027-W05'], $weeks['2027-W06']])->toBe([false, true, true, false]);
});

it('draws a habit down through the days: done, nothing missed, missed, before it began', function (): void {
    $this->me->forceFill(['created_at' => '2027-01-01 07:00:00'])->save();
    $habit = Habit::query()->create([
        ...['person_id' => $this->me->id, 'title' => 'Walk', 'per' => 'day', 'times' => 1, 'began_on' => '2027-02-03'],
        'weekdays' => ['monday', 'wednesday', 'thursday'],
    ]);
    HabitTick::query()->create(['habit_id' => $habit->id, 'on' => '2027-02-08', 'count' => 1]);
    $days = array_column(($this->day)('/log')['days'], 'habits', 'on');

    expect(array_map(static fn(array $marks): string => $marks[0], array_slice($days, 0, 9)))->toBe([
        '2027-02-10' => 'runs',
        '2027-02-09' => 'runs',
        '2027-02-08' => 'done',
        '2027-02-07' => 'runs',
        '2027-02-06' => 'runs',
        '2027-02-05' => 'runs',
        '2027-02-04' => 'missed',
        '2027-02-03' => 'runs',
        '2027-02-02' => 'without',
    ]);
});
