<?php

declare(strict_types=1);

use App\Models\Appointment;
use App\Models\MainEffort;
use App\Models\Person;
use App\Models\Role;
use App\Queries\Projects\Answers\WeekLoad;
use Database\Demo\Saltglass;
use Illuminate\Support\Carbon;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\Capacity;
use Tests\Feature\Made;
use Tests\Feature\Prepared;

/** What every screen says is free, by what it is of: days, this week, the next. */
function saidFree(): array
{
    $said = [];
    $note = static function (string $of, string $screen, ?int $free) use (&$said): void {
        if ($free !== null) {
            $said[$of][$screen] = $free;
        }
    };
    $props = static fn(string $address): array => test()->props($address)['page'];
    [$day, $lists, $tray] = [$props('/'), $props('/lists'), $props('/tray')];
    $week = $props("/weeks/{$day['week']['name']}");
    $note($day['on'], 'day', $day['free']);
    $note('this week', 'week', $week['hours']['free']);

    $screens = ['week' => $week['days'], 'tray' => $tray['days'], 'not scheduled' => $props('/lists/not_scheduled')['days']];

    foreach ($screens as $screen => $days) {
        foreach ($days as $each) {
            $note($each['on'], $screen, ($each['isPast'] ?? false) ? null : $each['free']);
        }
    }

    foreach ($lists['steps'] as $step) {
        $note($step['time'] === $week['week']['next'] ? 'next week' : (string) $step['time'], 'by date', $step['free']);
    }

    $note('next week', 'tray', $tray['nextFree']);
    $note('next week', 'week', $props("/weeks/{$week['week']['next']}")['hours']['free']);
    $me = auth()->id();
    $hours = collect($props('/people')['people'])->firstWhere('person.id', $me)['hours'];
    $note('this week', 'hours', $hours[0]['free']);
    $note('next week', 'hours', $hours[1]['free']);
    $note('next week', 'review', $props("/reviews/{$week['week']['name']}")['ahead']['hours']['free']);

    return $said;
}

describe('in the demo', function (): void {
    it('says the same free time on every screen, and to others that rounded down to the half hour', function (string $now): void {
        Carbon::setTestNow($now);
        Prepared::once("demo $now", static fn() => Saltglass::load(Day::of(substr($now, 0, 10))));
        $own = [];

        foreach (Person::query()->whereNull('deactivated_on')->orderBy('id')->get() as $person) {
            $this->actingAs($person);

            foreach (saidFree() as $of => $screens) {
                expect(array_unique(array_values($screens)))->toHaveCount(1, "$person->name, $of: ".json_encode($screens));
                $own[$person->id][$of] = array_values($screens)[0];
            }
        }

        foreach ($this->props('/people')['page']['people'] as $row) {
            $isOwn = $row['person']['id'] === auth()->id();

            foreach (['this week', 'next week'] as $place => $of) {
                $free = $own[$row['person']['id']][$of];
                expect($row['hours'][$place]['free'])->toBe($isOwn ? $free : 30 * (int) floor($free / 30));
            }
        }
    })->with(['2027-02-10 09:00:00', '2027-02-12 16:40:00', '2026-12-31 11:00:00']);
});

describe('of a person', function (): void {
    beforeEach(function (): void {
        Made::workspace();
        $this->lead = Made::person(Role::Lead, 'Noor Aksoy');
        $this->mei = Made::person(name: 'Mei Tanaka');
        $this->actingAs($this->mei);
        $this->free = fn(): int => $this->props('/weeks/2027-W06')['page']['hours']['free'];
        // Wednesday to Friday of 40 h in five days.
        $this->whole = 3 * 480;
    });

    it('counts what is planned for the week or a day in it, due in it with no time, or late, each by what is left of it', function (
        array $task,
        int $minutes,
    ): void {
        Made::task($this->mei, ['minutes' => 60, ...$task]);

        expect(($this->free)())->toBe($this->whole - $minutes);
    })->with([
        'today' => [['planned' => '2027-02-10'], 60],
        'without an estimate' => [['planned' => '2027-02-10', 'minutes' => null], 30],
        'on a day that is over' => [['planned' => '2027-02-08'], 60],
        'this week' => [['planned' => '2027-W06'], 60],
        'last week' => [['planned' => '2027-W05'], 60],
        'next week' => [['planned' => '2027-W07'], 0],
        'this month' => [['planned' => '2027-02'], 0],
        'due this week' => [['due_on' => '2027-02-12'], 60],
        'due this week, planned for the next' => [['due_on' => '2027-02-12', 'planned' => '2027-W07'], 0],
        'due next week' => [['due_on' => '2027-02-15'], 0],
        'late' => [['due_on' => '2027-01-15'], 60],
        'late, planned for the month' => [['due_on' => '2027-02-05', 'planned' => '2027-02'], 60],
        'late, planned for next week' => [['due_on' => '2027-02-05', 'planned' => '2027-W07'], 60],
        'done' => [['planned' => '2027-02-10', 'done_on' => '2027-02-10'], 0],
        'shelved' => [['planned' => '2027-02-10', 'shelved_on' => '2027-02-09'], 0],
    ]);

    it('counts overlapping meetings and appointments once, and appointments within working hours', function (): void {
        $dentist = ['on' => '2027-02-11', 'at' => '16:00', 'minutes' => 120, 'title' => 'Dentist'];
        Appointment::query()->create(['person_id' => $this->mei->id, ...$dentist]);
        $at = ['time' => '16:30', 'minutes' => 60, 'rule' => 'FREQ=WEEKLY;BYDAY=TH', 'is_private' => true];
        Made::series([$this->lead, $this->mei], $at);

        // 16:00 to 17:00 of the appointment, and the meeting until 17:30.
        expect(($this->free)())->toBe($this->whole - 90);
    });

    it('counts the hours meant for main efforts for the days that are left, less what is planned in their tasks', function (): void {
        $goal = Made::goal($this->mei, '2027-Q1');
        $meant = ['title' => 'Call harbours', 'person_id' => $this->mei->id, 'hours' => 5];
        $effort = MainEffort::query()->create(['goal_id' => $goal->id, ...$meant]);
        expect(($this->free)())->toBe($this->whole - 180);

        Made::task($this->mei, ['minutes' => 60, 'planned' => '2027-02-11', 'main_effort_id' => $effort->id]);
        expect(($this->free)())->toBe($this->whole - 180)->and($this->props('/weeks/2027-W06')['page']['hours']['efforts'])->toBe(120);

        Made::task($this->mei, ['minutes' => 240, 'planned' => '2027-W06', 'main_effort_id' => $effort->id]);
        expect(($this->free)())->toBe($this->whole - 300);
    });

    it('shows others nothing private but in what is free, rounded down', function (): void {
        Made::task($this->mei, ['minutes' => 50, 'planned' => '2027-02-11', 'visibility' => 'only_me', 'title' => 'See a lawyer']);
        $this->actingAs($this->lead);
        $week = $this->props("/weeks/2027-W06?who={$this->mei->id}")['page'];

        expect($week['hours']['free'])
            ->toBe($this->whole - 60)
            ->and(collect($week['days'])->firstWhere('on', '2027-02-11'))
            ->toMatchArray(['free' => 420, 'planned' => 0, 'tasks' => []])
            ->and(json_encode($week))
            ->not->toContain('lawyer');
    });

    it('lists what is due and has no time in the week, among what is to be planned, and on its day', function (): void {
        $due = Made::task($this->mei, ['title' => 'Quote', 'due_on' => '2027-02-12']);
        $late = Made::task($this->mei, ['title' => 'Licence', 'due_on' => '2027-02-01']);
        $ids = static fn(array $rows): array => array_column($rows, 'id');

        expect($ids($this->props('/weeks/2027-W06')['page']['due']))
            ->toBe([$late->id, $due->id])
            ->and($ids($this->props('/days/2027-02-12')['page']['due']))
            ->toBe([$due->id])
            ->and($ids($this->props('/')['page']['due']))
            ->toBe([])
            ->and($ids($this->props('/weeks/2027-W07')['page']['due']))
            ->toBe([]);

        $due->update(array_fill_keys(['planned', 'planned_from', 'planned_to'], '2027-02-11'));
        expect($ids($this->props('/weeks/2027-W06')['page']['due']))->toBe([$late->id]);
    });
});

it('does not let others find the exact figure by trying out how much more would fit', function (): void {
    $capacity = new Capacity(480, planned: 440);

    expect(WeekLoad::of('2027-W07', $capacity, 35, known: null)->isOver)
        ->toBeFalse()
        ->and(WeekLoad::of('2027-W07', $capacity, 35, known: 0)->isOver)
        ->toBeTrue()
        ->and(WeekLoad::of('2027-W07', $capacity, 30, known: 0)->isOver)
        ->toBeFalse();
});
