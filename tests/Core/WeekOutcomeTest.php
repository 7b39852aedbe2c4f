<?php

declare(strict_types=1);

use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\WeekOutcome;

it('says what became of a task by the end of a week', function (WeekOutcome $outcome, array $facts): void {
    $day = static fn(string $of): ?Day => isset($facts[$of]) ? Day::of($facts[$of]) : null;

    expect(
        WeekOutcome::of(
            week: (new Calendar())->period('2027-W06')->span,
            doneOn: $day('done'),
            droppedOn: $day('dropped'),
            shelvedOn: $day('shelved'),
            isSameOwner: $facts['same'] ?? true,
            plannedFrom: $day('planned'),
            comesBack: $facts['recurring'] ?? false,
        ),
    )->toBe($outcome);
})->with([
    'done' => [WeekOutcome::Done, ['done' => '2027-02-14', 'planned' => '2027-02-08']],
    'done after it' => [WeekOutcome::Carried, ['done' => '2027-02-15', 'planned' => '2027-02-08']],
    'done before it was dropped' => [WeekOutcome::Done, ['done' => '2027-02-10', 'dropped' => '2027-02-09']],
    'dropped and shelved' => [WeekOutcome::Dropped, ['dropped' => '2027-02-12', 'shelved' => '2027-02-09']],
    'shelved' => [WeekOutcome::Shelved, ['shelved' => '2027-02-09', 'planned' => '2027-02-08']],
    'shelved later' => [WeekOutcome::Carried, ['shelved' => '2027-02-15', 'planned' => '2027-02-08']],
    'handed over' => [WeekOutcome::HandedOver, ['same' => false, 'planned' => '2027-02-08']],
    'handed over and done' => [WeekOutcome::Done, ['same' => false, 'done' => '2027-02-10']],
    'still there' => [WeekOutcome::Carried, ['planned' => '2027-02-14']],
    'came from an earlier week' => [WeekOutcome::Carried, ['planned' => '2027-01-04']],
    'planned for later' => [WeekOutcome::Moved, ['planned' => '2027-02-15']],
    'not scheduled' => [WeekOutcome::Moved, []],
    'came back by its rule' => [WeekOutcome::Missed, ['planned' => '2027-02-17', 'recurring' => true]],
]);
