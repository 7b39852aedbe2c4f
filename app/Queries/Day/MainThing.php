<?php

declare(strict_types=1);

namespace App\Queries\Day;

use App\Models\Person;
use App\Models\PersonDay;
use App\Queries\Parts\Answers\TaskRow;
use Loftrin\Core\Calendar\Day;

/** The main thing of a person's day. */
final readonly class MainThing
{
    private function __construct(public TaskRow $task, public bool $isChosen)
    {
    }

    /**
     * What was chosen, also once it is done; otherwise the first that is open. Null with nothing left to do.
     *
     * @param list<TaskRow> $tasks of the day, in their order
     */
    public static function of(Person $person, Day $day, array $tasks): ?self
    {
        $chosen = PersonDay::query()->where('person_id', $person->id)->where('on', (string) $day)->value('main_task_id');
        $first = null;

        foreach ($tasks as $task) {
            if ($task->id === $chosen) {
                return new self($task, true);
            }

            $first ??= $task->isDone ? null : new self($task, false);
        }

        return $first;
    }
}
