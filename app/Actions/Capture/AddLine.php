<?php

declare(strict_types=1);

namespace App\Actions\Capture;

use App\Actions\Week\AddTask;
use App\Actions\Week\RecurringTaskDraft;
use App\Actions\Week\SaveRecurringTask;
use App\Actions\Week\TaskDraft;
use App\Models\Person;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;

/** Adds what a line says: a task, or a recurring one where it says how it comes back. */
final readonly class AddLine
{
    public function __construct(
        private ChangeLog $log,
        private Workspace $workspace,
        private AddTask $addTask,
        private SaveRecurringTask $saveRecurring,
    ) {
    }

    /**
     * All of them or none.
     *
     * @param list<TaskDraft> $drafts
     *
     * @throws RefusedChange naming the first that a rule is against
     */
    public function many(Person $who, array $drafts): void
    {
        $this->log->change($who, count($drafts) === 1 ? "Added “{$drafts[0]->title}”" : 'Added '.count($drafts).' tasks', function () use (
            $who,
            $drafts,
        ): void {
            foreach ($drafts as $draft) {
                try {
                    $this($who, $draft);
                } catch (RefusedChange $reason) {
                    throw new RefusedChange('lines', "“{$draft->title}”: {$reason->getMessage()}");
                }
            }
        });
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
