<?php

declare(strict_types=1);

use App\Models\AttendingGroup;
use App\Models\FormerRule;
use App\Models\Group;
use App\Models\Meeting;
use App\Models\Membership;
use App\Models\Role;
use App\Models\Series;
use App\Models\Workspace;
use Loftrin\Core\Calendar\Day;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->noor = Made::person(Role::Lead, 'Noor Aksoy');
    $this->elif = Made::person(name: 'Elif Demir');
    $this->actingAs($this->noor);
    // On Mondays at 09:15, 30 min; the day is Wednesday 10 February.
    $this->series = Made::series([$this->noor, $this->elif], ['title' => 'Quay hour']);
    $this->fields = [
        'title' => 'Quay hour',
        'rule' => 'FREQ=WEEKLY;BYDAY=MO',
        'startsOn' => '2027-01-04',
        'time' => '09:15',
        'minutes' => 30,
        'attendees' => [$this->noor->id, $this->elif->id],
    ];
    $this->save = fn(array $other) => $this->put("/series/{$this->series->id}", [...$this->fields, ...$other]);
    $this->coming = fn(): array => array_map(
        static fn(array $row): string => "$row[on] $row[time]",
        $this->props("/series/{$this->series->id}")['page']['coming'],
    );
});

describe('a rule that changes from a day on', function (): void {
    it('leaves what comes before as it was, in length too', function (): void {
        ($this->save)([
            'rule' => 'FREQ=WEEKLY;BYDAY=TH',
            'time' => '14:00',
            'minutes' => 45,
            'appliesFrom' => '2027-02-20',
        ])->assertSessionHasNoErrors();

        $page = $this->props("/series/{$this->series->id}")['page'];
        expect(array_slice(($this->coming)(), 0, 3))
            ->toBe(['2027-02-15 09:15', '2027-02-25 14:00', '2027-03-04 14:00'])
            ->and([$page['series']['rule'], $page['series']['minutes'], $page['agenda']['ends']])
            ->toBe(['every Monday', 30, '09:45'])
            ->and($page['changes'])
            ->toBe(['from' => '2027-02-20', 'rule' => 'every Thursday', 'time' => '14:00', 'minutes' => 45]);
        $this->post("/series/{$this->series->id}/open", ['on' => '2027-02-15', 'early' => true])->assertSessionHasNoErrors();
        expect(Meeting::query()->sole()->minutes)->toBe(30);
    });

    it('is replaced by a change that comes before it, and ended by one that comes after', function (): void {
        ($this->save)(['rule' => 'FREQ=WEEKLY;BYDAY=TH', 'appliesFrom' => '2027-03-01']);
        $this->fields['startsOn'] = '2027-03-01';
        ($this->save)(['rule' => 'FREQ=WEEKLY;BYDAY=TU', 'appliesFrom' => '2027-02-20'])->assertSessionHasNoErrors();
        // Its first day was to be 1 March, and the form still said so.
        expect(($this->coming)()[1])
            ->toBe('2027-03-02 09:15')
            ->and(FormerRule::query()->sole()->until->plus(1))
            ->toEqual(Day::of('2027-02-20'));
        ($this->save)(['rule' => 'FREQ=WEEKLY;BYDAY=FR', 'appliesFrom' => '2027-03-10'])->assertSessionHasNoErrors();
        expect(array_slice(($this->coming)(), 0, 4))->toBe([
            '2027-02-15 09:15',
            '2027-03-02 09:15',
            '2027-03-09 09:15',
            '2027-03-12 09:15',
        ]);
    });

    it('holds at once when no day is given, for what was to change later too', function (): void {
        ($this->save)(['rule' => 'FREQ=WEEKLY;BYDAY=TH', 'appliesFrom' => '2027-03-01']);
        ($this->save)(['rule' => 'FREQ=WEEKLY;BYDAY=FR'])->assertSessionHasNoErrors();

        expect(($this->coming)()[0])
            ->toBe('2027-02-12 09:15')
            ->and($this->props("/series/{$this->series->id}")['page']['changes'])
            ->toBeNull();
    });

    it('is undone as one, and refused for a day that has passed', function (): void {
        ($this->save)(['time' => '10:00', 'appliesFrom' => '2027-02-09'])->assertSessionHasErrors('appliesFrom');
        ($this->save)(['time' => '10:00', 'appliesFrom' => '2027-02-20'])->assertSessionHasNoErrors();
        $this->post('/undo')->assertSessionHasNoErrors();
        expect(array_slice(($this->coming)(), 0, 2))
            ->toBe(['2027-02-15 09:15', '2027-02-22 09:15'])
            ->and(FormerRule::query()->count())
            ->toBe(0);
    });

    it('lets meetings of either rule be moved and cancelled', function (): void {
        ($this->save)(['rule' => 'FREQ=WEEKLY;BYDAY=TH', 'appliesFrom' => '2027-02-20']);
        $address = "/series/{$this->series->id}/meetings";
        $this->put("$address/2027-02-22", ['movedTo' => null])->assertSessionHasErrors('on');
        $this->put("$address/2027-02-15", ['movedTo' => '2027-02-16'])->assertSessionHasNoErrors();
        $this->put("$address/2027-02-25", ['movedTo' => '2027-02-26', 'time' => '11:00'])->assertSessionHasNoErrors();
        expect(array_slice(($this->coming)(), 0, 2))->toBe(['2027-02-16 09:15', '2027-02-26 11:00']);
    });
});

describe('a time zone of its own', function (): void {
    it('keeps its time on the wall there, and is read in the time of the workspace', function (): void {
        ($this->save)(['timezone' => 'America/New_York', 'time' => '10:00'])->assertSessionHasNoErrors();
        $here = (new DateTimeImmutable('2027-02-15 10:00', new DateTimeZone('America/New_York')))->setTimezone(
            new DateTimeZone(Workspace::current()->timezone),
        );

        expect(($this->coming)()[0])
            ->toBe($here->format('Y-m-d H:i'))
            ->and($this->props('/weeks/2027-W07')['page']['days'][0]['meetings'][0]['time'])
            ->toBe($here->format('H:i'))
            ->and($this->props("/series/{$this->series->id}")['page']['series'])
            ->toMatchArray(['time' => '10:00', 'zone' => 'America/New_York']);
        expect($this->get("/series/{$this->series->id}/next.ics")->getContent())->toContain($here->format('His'));
        ($this->save)(['timezone' => 'Atlantis/Capital'])->assertSessionHasErrors('timezone');
    });
});

describe('a group that attends', function (): void {
    beforeEach(function (): void {
        $this->priya = Made::person(name: 'Priya Raman');
        $this->leads = Group::query()->create(['name' => 'Leads']);
        Membership::query()->create(['group_id' => $this->leads->id, 'person_id' => $this->priya->id]);
        $this->names = fn(): array => array_column($this->props("/series/{$this->series->id}")['page']['attendees'], 'name');
        $this->members = fn(array $people) => $this->put("/groups/{$this->leads->id}", [
            'name' => 'Leads',
            'people' => array_map(static fn($person): int => $person->id, $people),
        ])->assertSessionHasNoErrors();
    });

    it('brings whoever is in it, and takes along who leaves', function (): void {
        ($this->save)(['attendees' => [$this->noor->id], 'groups' => [$this->leads->id]])->assertSessionHasNoErrors();
        expect(($this->names)())->toBe(['Noor Aksoy', 'Priya Raman']);
        ($this->members)([$this->priya, $this->elif]);
        expect(($this->names)())->toBe(['Noor Aksoy', 'Priya Raman', 'Elif Demir']);
        ($this->members)([$this->elif, $this->noor]);
        expect(($this->names)())->toBe(['Noor Aksoy', 'Elif Demir']);
        $this->post('/undo')->assertSessionHasNoErrors();
        expect(($this->names)())->toBe(['Noor Aksoy', 'Priya Raman', 'Elif Demir']);
        // Who was chosen stays, also as one of the group that leaves it.
        ($this->members)([$this->noor]);
        ($this->members)([$this->elif]);
        expect(($this->names)())->toBe(['Noor Aksoy', 'Elif Demir']);
    });

    it('can attend alone, but not with nobody in it', function (): void {
        ($this->save)(['attendees' => [], 'groups' => []])->assertSessionHasErrors('attendees');
        ($this->save)(['attendees' => [], 'groups' => [$this->leads->id]])->assertSessionHasNoErrors();
        $empty = Group::query()->create(['name' => 'Nobody']);
        ($this->save)(['attendees' => [], 'groups' => [$empty->id]])->assertSessionHasErrors('attendees');
        expect(($this->names)())->toBe(['Priya Raman']);
    });

    it('is outlived by its people when it is deleted', function (): void {
        ($this->save)(['attendees' => [$this->noor->id], 'groups' => [$this->leads->id]]);
        $this->delete("/groups/{$this->leads->id}")->assertSessionHasNoErrors();
        expect(($this->names)())
            ->toBe(['Noor Aksoy', 'Priya Raman'])
            ->and(AttendingGroup::query()->count())
            ->toBe(0);
        $form = $this->props("/series/{$this->series->id}/edit")['page']['series'];
        expect($form['attendees'])->toBe([$this->noor->id, $this->priya->id]);
    });

    it('lets its people see a private meeting only while they are in it', function (): void {
        ($this->save)(['attendees' => [$this->noor->id], 'groups' => [$this->leads->id], 'isPrivate' => true])->assertSessionHasNoErrors();
        $this->actingAs($this->priya)
            ->get("/series/{$this->series->id}")
            ->assertOk();
        $this->actingAs($this->noor);
        ($this->members)([$this->elif]);
        $this->actingAs($this->priya)
            ->get("/series/{$this->series->id}")
            ->assertNotFound();
        $this->actingAs($this->elif)
            ->get("/series/{$this->series->id}")
            ->assertOk();
    });

    it('counts as somebody oneself for a meeting made private', function (): void {
        Membership::query()->create(['group_id' => $this->leads->id, 'person_id' => $this->noor->id]);
        ($this->save)(['attendees' => [], 'groups' => [$this->leads->id], 'isPrivate' => true])->assertSessionHasNoErrors();
        expect(Series::query()->findOrFail($this->series->id)->is_private)->toBeTrue();
    });
});
