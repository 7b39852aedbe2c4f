<?php

declare(strict_types=1);

namespace App\Actions\Capture;

use App\Actions\Week\AddTask;
use App\Actions\Week\RecurringTaskDraft;
use App\Actions\Week\SaveRecurringTask;
use App\Actions\Week\TaskDraft;
use App\Models\Person;
use App\Models\Workspace;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;

/** Adds what a line says: a task, or a recurring one where it says how it comes back. */
final readonly class AddLine
{
    public function __construct(
        private Workspace $workspace,
        private AddTask $addTask,
        private SaveRecurringTask $saveRecurring,
    ) {
    }

    /** @throws RefusedChange when a rule of tasks or recurring tasks is against it */
    public function __invoke(Person $who, TaskDraft $draft): void
    {
        if ($draft->rhythm === null) {
            ($this->addTask)($who, $draft);

            return;
        }

        ($this->saveRecurring)(
            $who,
            new RecurringTaskDraft(
                // A recurring task has no time of day: it stays in its words.
                title: $draft->at === null ? $draft->title : "{$draft->title}, {$draft->at}",
                words: $draft->rhythm,
                startsOn: Day::tryOf($draft->planned ?? '') ?? $this->workspace->today(),
                owner: $draft->owner ?? $who->id,
                isPrivate: $draft->isPrivate,
                project: $draft->project,
                goal: $draft->goal,
                minutes: $draft->minutes,
                notes: $draft->notes,
            ),
        );
    }
}
