<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Person;
use App\Models\Task;
use App\Models\Workspace;
use Illuminate\Support\Carbon;
use Loftrin\Core\Calendar\Day;

/** The first day of which something is known of a person: earlier weeks were not missed. */
final readonly class FirstDay
{
    public function __construct(private Workspace $workspace)
    {
    }

    /** When they were added, or their first task was made, if that is earlier. */
    public function of(Person $person): Day
    {
        $task = Task::query()->where('owner_id', $person->id)->min('created_on');
        $added = $this->added($person);

        return is_string($task) && Day::of(substr($task, 0, 10))->isBefore($added) ? Day::of(substr($task, 0, 10)) : $added;
    }

    /** Whether something is known of them by the end of the day. */
    public function isBy(Day $day, Person $person): bool
    {
        return ! $this->added($person)->isAfter($day) ||
            Task::query()->where('owner_id', $person->id)->where('created_on', '<=', (string) $day)->exists();
    }

    private function added(Person $person): Day
    {
        return Day::of(($person->created_at ?? Carbon::now())->setTimezone($this->workspace->timezone)->format('Y-m-d'));
    }
}
