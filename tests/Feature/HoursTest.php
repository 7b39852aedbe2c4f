<?php

declare(strict_types=1);

use App\Models\Person;
use Tests\Feature\Made;

beforeEach(function (): void {
    Made::workspace();
    $this->mei = Made::person(name: 'Mei Tanaka');
    $this->actingAs($this->mei);
    $this->hours = fn(Person $person): array => array_column(
        collect($this->props('/people')['page']['people'])->firstWhere('person.id', $person->id)['hours'],
        null,
        'week',
    );
});

it('counts each task in the week in which it takes its time', function (array $task, ?string $week): void {
    Made::task($this->mei, ['minutes' => 90, ...$task]);
    $planned = array_filter(array_column(($this->hours)($this->mei), 'planned', 'week'));

    expect($planned)->toBe($week === null ? [] : [$week => 90]);
})->with([
    'planned for today' => [['planned' => '2027-02-10'], '2027-W06'],
    'planned for a day of next week' => [['planned' => '2027-02-18'], '2027-W07'],
    'planned for a week' => [['planned' => '2027-W09'], '2027-W09'],
    'carried over' => [['planned' => '2027-W03'], '2027-W06'],
    'due, with no time of its own' => [['due_on' => '2027-02-24'], '2027-W08'],
    'due after the week it is planned for' => [['planned' => '2027-W07', 'due_on' => '2027-03-05'], '2027-W07'],
    'late, whatever it is planned for' => [['planned' => '2027-W09', 'due_on' => '2027-02-08'], '2027-W06'],
    'far away' => [['planned' => '2027-W30'], null],
    'planned for a month' => [['planned' => '2027-03'], null],
    'done' => [['planned' => '2027-W07', 'done_on' => '2027-02-09'], null],
    'private, to oneself' => [['planned' => '2027-W07', 'visibility' => 'only_me'], '2027-W07'],
]);

it('takes meetings and days off from the hours, and counts from today on', function (): void {
    Made::series([$this->mei], ['rule' => 'FREQ=WEEKLY;BYDAY=TH', 'minutes' => 45]);
    $hours = ($this->hours)($this->mei);

    expect(count($hours))
        ->toBe(8)
        // Wednesday to Friday of this week.
        ->and($hours['2027-W06'])
        ->toMatchArray(['taken' => 45, 'available' => 3 * 8 * 60 - 45])
        ->and($hours['2027-W07'])
        ->toMatchArray(['taken' => 45, 'available' => 5 * 8 * 60 - 45, 'planned' => 0]);
});

it('shows no hours of somebody who left', function (): void {
    $gone = Made::person(name: 'Gone Away');
    $gone->update(['deactivated_on' => '2027-01-01']);

    expect(($this->hours)($gone))->toBe([]);
});

it('sums up the hours of the whole week from today on: meetings, days, no day yet', function (): void {
    // Wednesday 10 February: three days of eight hours are left.
    $me = Made::person(name: 'Noor Aksoy');
    $this->actingAs($me);
    Made::series([$me], ['rule' => 'FREQ=WEEKLY;BYDAY=TH', 'starts_on' => '2027-02-04', 'minutes' => 60]);
    Made::task($me, ['planned' => '2027-02-08', 'minutes' => 600]);
    Made::task($me, ['planned' => '2027-02-11', 'minutes' => 120]);
    Made::task($me, ['planned' => '2027-W06', 'minutes' => 90]);
    Made::task($me, ['planned' => '2027-W06', 'minutes' => null]);
    Made::task($me, ['planned' => '2027-W06', 'minutes' => 45, 'done_on' => Made::TODAY]);
    $hours = $this->props('/weeks/2027-W06')['page']['hours'];

    expect([$hours['available'], $hours['taken'], $hours['noDay']])
        ->toBe([3 * 480, 60, 120])
        ->and($hours['free'])
        ->toBe(3 * 480 - 60 - $hours['onDays'] - 120)
        ->and($this->props('/weeks/2027-W05')['page']['hours'])
        ->toBeNull()
        ->and($this->props('/weeks/2027-W07')['page']['hours']['available'])
        ->toBe(5 * 480);
});
