<?php

declare(strict_types=1);

namespace App\Queries\Capture;

use App\Models\Jot;
use App\Models\Person;
use App\Models\Reminder;
use App\Models\Telling;
use App\Models\Workspace;
use App\Queries\Direction\ShelfPage;
use Illuminate\Support\Facades\DB;

/** What waits for a person at any moment, asked for at once for every screen. */
final class Pending
{
    /** @var array<int, array<string, int>> by person */
    private array $counts = [];

    public function __construct(private readonly Workspace $workspace, private readonly ShelfPage $shelf)
    {
    }

    /** How many jots are to be sorted. */
    public function jots(Person $person): int
    {
        return $this->counts($person)['jots'] ?? 0;
    }

    /** How much lies in the tray: jots, and what is to be looked at again. */
    public function tray(Person $person): int
    {
        return array_sum(array_diff_key($this->counts($person), ['news' => 0, 'ticket' => 0]));
    }

    /** How much was told and is not read. */
    public function news(Person $person): int
    {
        return $this->counts($person)['news'] ?? 0;
    }

    /** The next reminder of today that has a time. */
    public function ticket(Person $person): ?Ticket
    {
        $id = $this->counts($person)['ticket'] ?? 0;
        $next = $id === 0 ? null : Reminder::query()->find($id);

        return $next === null ? null : Ticket::of($next, $this->workspace);
    }

    /** @return array<string, int> of the ticket its id, or 0 */
    private function counts(Person $person): array
    {
        return $this->counts[$person->id] ??= $this->ask($person);
    }

    /** @return array<string, int> */
    private function ask(Person $person): array
    {
        $counted = DB::query()->selectSub(
            Reminder::query()->openFor($person)->where('on', (string) $this->workspace->today())->where('at', '>=', $this->workspace->now()->format('H:i'))->limit(1)->select('id'),
            'ticket',
        );

        foreach ([
            'jots' => Jot::query()->inTrayOf($person, $this->workspace->today()),
            'news' => Telling::query()->toldTo($person)->whereNull('read_at'),
            ...$this->shelf->isDue($person),
        ] as $name => $query) {
            $counted->selectSub($query->selectRaw('count(*)'), $name);
        }

        return array_map(intval(...), (array) $counted->first());
    }
}
