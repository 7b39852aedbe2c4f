<?php

declare(strict_types=1);

use App\Models\Absence;
use App\Models\Appointment;
use App\Models\ProtectedHours;
use App\Models\Role;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->me = Made::person(name: 'Noor Aksoy');
    $this->other = Made::person(Role::Lead, 'Elif Demir');
    $this->actingAs($this->me);
    $this->day = fn(string $at = '/'): array => $this->props($at)['page'];
});

describe('the hours of a day', function (): void {
    it('lay meetings, appointments and tasks to scale, and what has no time where it fits', function (): void {
        Made::series([$this->me], ['rule' => 'FREQ=WEEKLY;BYDAY=WE', 'time' => '10:00', 'minutes' => 60]);
        $this->post('/appointments', ['title' => 'Dentist', 'on' => Made::TODAY, 'at' => '16:00', 'minutes' => 90]);
        Made::task($this->me, ['title' => 'Timed', 'planned' => Made::TODAY, 'planned_at' => '13:00', 'minutes' => 30]);
        Made::task($this->me, ['title' => 'Long', 'planned' => Made::TODAY, 'minutes' => 300]);
        Made::task($this->me, ['title' => 'Short', 'planned' => Made::TODAY, 'minutes' => 45]);
        $hours = ($this->day)()['hours'];

        expect(
            array_map(static fn(array $part): array => [$part['kind'], $part['title'], $part['from'], $part['until']], $hours['planned']),
        )
            ->toBe([
                ['loose', 'Short', 540, 585],
                ['meeting', 'Team meeting', 600, 660],
                ['task', 'Timed', 780, 810],
                ['appointment', 'Dentist', 960, 1050],
            ])
            ->and([$hours['from'], $hours['until'], $hours['now']])
            ->toBe([480, 1080, 540]);
    });

    it('count an appointment within working hours, where it overlaps a meeting once', function (): void {
        $free = fn(): int => ($this->day)()['free'];
        $whole = $free();
        Appointment::query()->create([
            'person_id' => $this->me->id,
            'title' => 'Late',
            'on' => Made::TODAY,
            'at' => '16:30',
            'minutes' => 90,
        ]);
        expect($free())->toBe($whole - 30);
        Made::series([$this->me], ['rule' => 'FREQ=WEEKLY;BYDAY=WE', 'time' => '16:00', 'minutes' => 60]);
        expect($free())->toBe($whole - 60);
        Appointment::query()->create([
            'person_id' => $this->me->id,
            'title' => 'Night',
            'on' => Made::TODAY,
            'at' => '20:00',
            'minutes' => 600,
        ]);
        expect($free())->toBe($whole - 60);
    });

    it('show others that one is busy, and not for what', function (): void {
        $this->post('/appointments', ['title' => 'A secret dentist', 'on' => Made::TODAY, 'at' => '16:00', 'minutes' => 30]);
        $this->actingAs($this->other);
        $week = ($this->day)("/weeks/2027-W06?who={$this->me->id}");
        $day = array_values(array_filter($week['days'], static fn(array $day): bool => $day['on'] === Made::TODAY))[0];

        expect($week['whose']['id'])
            ->toBe($this->me->id)
            ->and($day['appointments'])
            ->toHaveCount(1)
            ->and($day['appointments'][0]['title'])
            ->toBeNull()
            ->and(json_encode($week))
            ->not->toContain('secret');
    });

    it('refuse absurd appointments and absences', function (): void {
        $fine = ['title' => 'Bank', 'on' => Made::TODAY, 'at' => '11:00', 'minutes' => 30];

        $absurd = [
            ['at' => '24:00'],
            ['minutes' => 0],
            ['minutes' => 1441],
            ['on' => '2027-02-30'],
            ['on' => '0001-01-01'],
            ['title' => ''],
        ];

        foreach ($absurd as $wrong) {
            $this->post('/appointments', [...$fine, ...$wrong])->assertSessionHasErrors(array_key_first($wrong));
        }

        $this->post('/absences', ['first' => '2027-02-10', 'last' => '2027-02-09'])->assertSessionHasErrors('last');
        $this->post('/absences', ['first' => '2027-02-10', 'last' => '2028-02-11'])->assertSessionHasErrors('last');
        expect(Appointment::query()->count() + Absence::query()->count())->toBe(0);
    });
});

it('opens any day, and none that is not one', function (): void {
    Made::task($this->me, ['title' => 'Done then', 'done_on' => '2027-02-03', 'planned' => '2027-02-03']);
    expect(array_column(($this->day)('/days/2027-02-03')['tasks'], 'title'))->toBe(['Done then']);
    $this->get('/days/2027-03-28')->assertOk();
    $this->get('/days/2028-02-29')->assertOk();

    foreach (['2027-02-29', '2027-13-01', '9999-01-01', 'tomorrow', '0'] as $day) {
        $this->get("/days/$day")->assertNotFound();
    }
});

it('picks up where one left off, on what is still open and one’s own to see', function (): void {
    $project = Made::project($this->me, more: ['title' => 'Orkney']);
    $task = Made::task($this->me, ['project_id' => $project->id, 'title' => 'Order chain']);
    $alone = Made::task($this->me, ['title' => 'Ring the office']);
    $this->put("/tasks/$alone->id", ['title' => 'Ring the harbour office']);
    $this->put("/tasks/$task->id", ['minutes' => 30]);
    $lines = fn(): array => array_column(($this->day)()['pickUp'], 'title');
    expect($lines())->toBe(['Orkney', 'Ring the harbour office']);

    $this->put("/tasks/$alone->id/tick", ['done' => true]);
    expect($lines())->toBe(['Orkney']);
    $this->actingAs($this->other);
    expect($lines())->toBe([]);
});

it('shows nothing of it to anybody else', function (): void {
    $this->post('/log-lines', ['on' => Made::TODAY, 'words' => 'A secret line']);
    $this->put('/days/'.Made::TODAY.'/answers', ['question' => 'What did I learn?', 'words' => 'A secret answer']);
    $this->post('/habits', ['title' => 'A secret habit', 'per' => 'day', 'times' => 1]);
    $this->post('/focus-sessions', ['intent' => 'A secret intent', 'minutes' => 50]);
    $this->post('/absences', ['first' => '2027-02-10', 'last' => '2027-02-12']);
    $this->actingAs($this->other);

    foreach (
        [
            '/',
            '/days/'.Made::TODAY,
            '/log',
            '/log?words=line',
            '/weeks/2027-W06',
            "/weeks/2027-W06?who={$this->me->id}",
            '/people',
            '/lists',
            '/updates',
            '/reviews',
        ] as $screen
    ) {
        expect($this->get($screen)->assertOk()->getContent())->not->toContain('secret');
    }

    foreach (['log-lines', 'habits', 'focus-sessions', 'absences'] as $of) {
        $this->delete("/$of/1")->assertNotFound();
    }
});

describe('protected hours', function (): void {
    beforeEach(function (): void {
        $this->protect = fn(array $more = []) => $this->post('/protected-hours', [
            'weekdays' => ['monday', 'wednesday'],
            'from' => '09:00',
            'until' => '11:00',
            'kind' => 'work',
            ...$more,
        ]);
    });

    it('are kept weekday by weekday, and released', function (): void {
        ($this->protect)()->assertSessionHasNoErrors();
        expect(array_column(($this->day)()['kept'], 'weekday'))->toEqualCanonicalizing(['monday', 'wednesday']);
        $this->delete('/protected-hours/1')->assertSessionHasNoErrors();
        expect(array_column(($this->day)()['kept'], 'weekday'))->toBe(['wednesday']);
        $this->post('/undo');
        expect(($this->day)()['kept'])->toHaveCount(2);
    });

    it('are warned of by an appointment, which is kept', function (): void {
        ($this->protect)();
        $appointment = ['title' => 'Bank', 'on' => Made::TODAY, 'at' => '10:30', 'minutes' => 60];
        $this->post('/appointments', $appointment)->assertSessionHas('problem', 'Saved, although 09:00 to 11:00 are kept for work.');
        $this->post('/appointments', [...$appointment, 'at' => '11:00'])->assertSessionMissing('problem');
        expect(Appointment::query()->count())->toBe(2);
    });

    it('are warned of where a meeting goes against them', function (): void {
        ($this->protect)();
        $series = Made::series([$this->me, $this->other], ['rule' => 'FREQ=WEEKLY;BYDAY=WE', 'time' => '10:00', 'minutes' => 30]);
        $this->actingAs($this->other);
        expect(($this->day)("/series/$series->id")['against'])->toBe(['Noor Aksoy: 09:00 to 11:00 are kept for work']);
        $series->update(['time' => '13:00']);
        expect(($this->day)("/series/$series->id")['against'])->toBe([]);
    });

    it('refuse what is none', function (array $wrong, string $field): void {
        ($this->protect)($wrong)->assertSessionHasErrors($field);
        expect(ProtectedHours::query()->count())->toBe(0);
    })->with([
        [['until' => '09:00'], 'until'],
        [['until' => '25:00'], 'until'],
        [['from' => 'x'], 'from'],
        [['weekdays' => []], 'weekdays'],
        [['weekdays' => ['someday']], 'weekdays.0'],
        [['kind' => 'sleep'], 'kind'],
    ]);

    it('are shown in the week, with what goes against them', function (): void {
        ($this->protect)(['weekdays' => ['thursday']]);
        Made::series([$this->me], ['title' => 'Product meeting', 'rule' => 'FREQ=WEEKLY;BYDAY=TH', 'time' => '10:30', 'minutes' => 60]);
        $this->post('/appointments', ['title' => 'Dentist', 'on' => '2027-02-11', 'at' => '10:00', 'minutes' => 30]);
        $thursday = collect(($this->day)('/weeks/2027-W06')['days'])->firstWhere('on', '2027-02-11');

        expect(array_column($thursday['kept'], 'from'))
            ->toBe(['09:00'])
            ->and($thursday['against'])
            ->toBe(['Product meeting: 09:00 to 11:00 are kept for work', 'Dentist: 09:00 to 11:00 are kept for work']);

        // Others see the hours, and of the appointment only that one is busy.
        $this->actingAs($this->other);
        $seen = collect(($this->day)("/weeks/2027-W06?who={$this->me->id}")['days'])->firstWhere('on', '2027-02-11');
        expect($seen['against'])->toBe(['Product meeting: 09:00 to 11:00 are kept for work', 'Busy: 09:00 to 11:00 are kept for work']);
    });

    it('are shown with the hours of people, with how many meetings go against them', function (): void {
        ($this->protect)(['weekdays' => ['thursday']]);
        Made::series([$this->me], ['rule' => 'FREQ=WEEKLY;BYDAY=TH', 'time' => '10:30', 'minutes' => 60]);
        Made::series([$this->me], ['rule' => 'FREQ=WEEKLY;BYDAY=FR', 'time' => '10:30', 'minutes' => 60]);
        Made::series([$this->other], ['rule' => 'FREQ=WEEKLY;BYDAY=TH', 'time' => '10:30', 'minutes' => 60]);
        // What is private does not show through.
        Made::series([$this->me], ['rule' => 'FREQ=WEEKLY;BYDAY=TH', 'time' => '09:30', 'minutes' => 30, 'is_private' => true]);
        $people = collect($this->props('/people')['page']['people']);

        expect(array_column($people->firstWhere('person.id', $this->me->id)['hours'], 'against'))
            ->toBe([1, 1, 1, 1, 1, 1, 1, 1])
            ->and(array_column($people->firstWhere('person.id', $this->me->id)['kept'], 'weekday'))
            ->toBe(['thursday'])
            ->and(array_sum(array_column($people->firstWhere('person.id', $this->other->id)['hours'], 'against')))
            ->toBe(0);
    });

    it('take what needs full focus, and keep other things out', function (): void {
        ($this->protect)(['weekdays' => ['wednesday']]);
        Made::task($this->me, ['title' => 'Small', 'planned' => Made::TODAY, 'minutes' => 30, 'focus' => 'little']);
        Made::task($this->me, ['title' => 'Hard', 'planned' => Made::TODAY, 'minutes' => 90, 'focus' => 'full']);

        expect(array_column(($this->day)()['hours']['planned'], 'from', 'title'))->toBe(['Hard' => 540, 'Small' => 660]);
    });

    it('are kept once', function (): void {
        ($this->protect)();
        ($this->protect)(['weekdays' => ['tuesday', 'monday']])->assertSessionHasErrors('from');
        expect(ProtectedHours::query()->count())->toBe(2);
    });
});
