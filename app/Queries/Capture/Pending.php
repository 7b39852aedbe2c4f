<?php

declare(strict_types=1);

namespace App\Queries\Capture;

use App\Models\Jot;
use App\Models\Notification;
use App\Models\Person;
use App\Models\Reminder;
use App\Models\Workspace;
use App\Queries\Capture\Answers\Alert;
use App\Queries\Direction\ShelfPage;
use App\Store\Remembered;
use Illuminate\Support\Facades\DB;

/** What waits for a person at any moment, asked for at once for every screen. */
final class Pending
{
    /** @var array<int, Waiting> by person */
    private array $waiting = [];

    public function __construct(
        private readonly Workspace $workspace,
        private readonly ShelfPage $shelf,
        private readonly Remembered $remembered,
    ) {
    }

    /** How many jots are to be sorted. */
    public function jots(Person $person): int
    {
        return $this->of($person)->counts['jots'];
    }

    /** How much lies in the tray: jots, and what is to be looked at again. */
    public function tray(Person $person): int
    {
        return array_sum(array_diff_key($this->of($person)->counts, ['updates' => 0]));
    }

    /** How much was told and is not read. */
    public function updates(Person $person): int
    {
        return $this->of($person)->counts['updates'];
    }

    /** The next reminder of today that has a time. */
    public function alert(Person $person): ?Alert
    {
        $now = $this->workspace->now();

        foreach ($this->of($person)->reminders as $reminder) {
            if ($reminder->at >= $now->format('H:i')) {
                return Alert::of($reminder, $now);
            }
        }

        return null;
    }

    private function of(Person $person): Waiting
    {
        return $this->waiting[$person->id] ??= $this->remembered->of("what waits for $person->id", fn(): Waiting => $this->ask($person));
    }

    private function ask(Person $person): Waiting
    {
        $today = $this->workspace->today();
        $counted = DB::query();

        foreach (
            [
                'jots' => Jot::query()->inTrayOf($person, $today),
                'updates' => Notification::query()->toldTo($person)->whereNull('read_at'),
                ...$this->shelf->isDue($person),
            ] as $name => $query
        ) {
            $counted->selectSub($query->selectRaw('count(*)'), $name);
        }

        return new Waiting(
            array_map(intval(...), (array) $counted->first()),
            array_values(
                Reminder::query()
                    ->openFor($person)
                    ->where('on', (string) $today)
                    ->whereNotNull('at')
                    ->get()
                    ->map(
                        static fn(Reminder $reminder): TimedReminder => new TimedReminder(
                            $reminder->id,
                            $reminder->words,
                            $reminder->at ?? '',
                        ),
                    )
                    ->all(),
            ),
        );
    }
}
