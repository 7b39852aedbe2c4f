<?php

declare(strict_types=1);

namespace App\Queries\Capture;

use App\Models\Jot;
use App\Models\Notification;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Capture\Answers\Alert;
use App\Queries\Direction\ShelfPage;
use App\Store\Question;
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

    /** What comes back next today at a time. */
    public function alert(Person $person): ?Alert
    {
        $now = $this->workspace->now();

        foreach ($this->of($person)->returns as $return) {
            if ($return->at >= $now->format('H:i')) {
                return Alert::of($return, $now);
            }
        }

        return null;
    }

    private function of(Person $person): Waiting
    {
        return $this->waiting[$person->id] ??= $this->remembered->of(
            Question::by($person, 'what waits'),
            fn(): Waiting => $this->ask($person),
        );
    }

    private function ask(Person $person): Waiting
    {
        $today = $this->workspace->today();
        $asked = ['jots' => Jot::query()->inTrayOf($person, $today), ...$this->shelf->isDue($person)];
        $unread = Notification::query()->where('person_id', $person->id)->whereNull('read_at');

        // Most of the time there is nothing new, and it need not be asked what of it may still be seen.
        if ($unread->exists()) {
            $asked['updates'] = $unread->toldTo($person);
        }

        $counted = DB::query();

        foreach ($asked as $name => $query) {
            $counted->selectSub($query->selectRaw('count(*)'), $name);
        }

        return new Waiting(
            [...['updates' => 0], ...array_map(intval(...), (array) $counted->first())],
            array_values(
                Jot::query()
                    ->returning()
                    ->where('person_id', $person->id)
                    ->where('return_on', (string) $today)
                    ->whereNotNull('return_at')
                    ->orderBy('return_at')
                    ->orderBy('id')
                    ->get()
                    ->map(static fn(Jot $jot): TimedReturn => new TimedReturn($jot->id, $jot->words, $jot->return_at ?? ''))
                    ->all(),
            ),
        );
    }
}
