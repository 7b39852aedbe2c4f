<?php

declare(strict_types=1);

namespace App\Actions\Shelf;

use App\Actions\Projects\SetProjectState;
use App\Actions\Week\SetTaskAside;
use App\Models\Goal;
use App\Models\Issue;
use App\Models\Jot;
use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Meetings\Outcome;
use Loftrin\Core\Work\ProjectState;

/** What is put off on purpose, with or without a day on which to look at it again. */
final readonly class Shelve
{
    public function __construct(
        private ChangeLog $log,
        private Workspace $workspace,
        private SetTaskAside $tasks,
        private SetProjectState $projects,
    ) {
    }

    /** An idea or a notification choice that is nothing yet. */
    public function idea(Person $who, string $words, ?Day $returnOn): void
    {
        $today = $this->workspace->today();
        $this->refusePast($returnOn);
        $this->log->change(
            $who,
            'Shelved an idea',
            static fn() => Jot::query()->create([
                'person_id' => $who->id,
                'words' => $words,
                'jotted_on' => $today,
                'shelved_on' => $today,
                'return_on' => $returnOn,
            ]),
        );
    }

    /**
     * Puts it on the shelf, or, if it lies there, changes its return date. A goal is shelved as it is closed.
     *
     * @throws RefusedChange when the return date is not ahead
     */
    public function __invoke(Person $who, Jot|Task|Project|Goal|Issue $item, ?Day $returnOn): void
    {
        $this->refusePast($returnOn);
        $title = $item instanceof Jot ? 'a jot' : "“{$item->title}”";

        $this->log->change($who, "Shelved $title", function () use ($who, $item, $returnOn): void {
            match (true) {
                $item instanceof Task && $item->shelved_on === null => $this->tasks->shelve($who, $item),
                $item instanceof Project && $item->state !== ProjectState::Shelved => ($this->projects)($who, $item, ProjectState::Shelved),
                $item instanceof Jot => $item->update(['shelved_on' => $item->shelved_on ?? $this->workspace->today()]),
                default => null,
            };
            $item->update(['return_on' => $returnOn, ...$item instanceof Jot ? ['told_at' => null] : []]);
        });
    }

    /** Takes it back to where it was. Of a goal only a new one can be made: it is closed. */
    public function restore(Person $who, Jot|Task|Project|Issue $item): void
    {
        $title = $item instanceof Jot ? 'a jot' : "“{$item->title}”";

        $this->log->change($who, "Restored $title", function () use ($who, $item): void {
            match (true) {
                $item instanceof Task => $this->tasks->restore($who, $item),
                $item instanceof Project => ($this->projects)($who, $item, ProjectState::Active),
                $item instanceof Jot => $item->update(['shelved_on' => null]),
                $item instanceof Issue => $item->update(['outcome' => null, 'settled_on' => null]),
            };
            $item->update(['return_on' => null]);
        });
    }

    /** Lets it go for good. */
    public function letGo(Person $who, Jot|Task|Project|Goal|Issue $item): void
    {
        $title = $item instanceof Jot ? 'a jot' : "“{$item->title}”";

        $this->log->change($who, "Deleted $title", function () use ($who, $item): void {
            match (true) {
                $item instanceof Task => $this->tasks->drop($who, $item),
                $item instanceof Project => ($this->projects)($who, $item, ProjectState::Dropped),
                $item instanceof Goal => $item->update(['shelved_on' => null]),
                $item instanceof Jot => $item->update(['sorted_on' => $this->workspace->today()]),
                $item instanceof Issue => $item->update(['outcome' => Outcome::Dropped]),
            };
            $item->update(['return_on' => null]);
        });
    }

    private function refusePast(?Day $returnOn): void
    {
        if ($returnOn !== null && ! $returnOn->isAfter($this->workspace->today())) {
            throw new RefusedChange('returnOn', 'Choose a return date in the future, or leave it empty.');
        }
    }
}
