<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Person;
use App\Models\Task;
use Illuminate\Auth\Access\Response;

/** Who sees a task works on it. What one may not see is not there. */
final class TaskPolicy
{
    public function view(Person $person, Task $task): Response
    {
        return $task->isVisibleTo($person) ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(Person $person, Task $task): Response
    {
        return $this->view($person, $task);
    }
}
