<?php

declare(strict_types=1);

namespace App\Actions\Meetings;

use App\Actions\Week\AddTask;
use App\Actions\Week\TaskDraft;
use App\Models\AgendaItem;
use App\Models\Decision;
use App\Models\Issue;
use App\Models\Person;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Meetings\Occurrences;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Meetings\Outcome;

/** What comes out of an agenda item: a decision, next steps, and what becomes of an issue. */
final readonly class SettleItem
{
    public function __construct(private ChangeLog $log, private Workspace $workspace, private AddTask $addTask)
    {
    }

    /** Records a decision; an issue is decided by it. */
    public function decide(Person $who, AgendaItem $item, string $words, ?string $because): Decision
    {
        RunMeeting::refuseSealed($item->meeting);

        return $this->log->change($who, "Decided: {$words}", function () use ($who, $item, $words, $because): Decision {
            if ($item->issue_id !== null && $item->outcome === null) {
                $this->settle($who, $item, Outcome::Decided);
            }

            return Decision::query()->create([
                'agenda_item_id' => $item->id,
                'words' => $words,
                'because' => $because,
                'decided_on' => $item->meeting->on,
            ]);
        });
    }

    /**
     * Records who does what by when: one task, which shows here, in its project and in its owner's week.
     *
     * @param ?Day $by the next meeting unless said
     *
     * @throws RefusedChange when the meeting is sealed, or the task would break a rule
     */
    public function nextStep(
        Person $who,
        AgendaItem $item,
        string $title,
        int $owner,
        ?Day $by,
        ?int $project = null,
        ?int $goal = null,
    ): Task {
        RunMeeting::refuseSealed($item->meeting);
        $meeting = $item->meeting;
        $due = $by ?? (Occurrences::next($meeting->series, $meeting->on->plus(1)) ?? $meeting->on->plus(7));
        $issue = $item->issue;

        if ($project === null && $goal === null) {
            $project = $issue?->project_id;
            $goal = $project === null && ! $meeting->series->is_private ? $item->goal_id : null;
        }

        // What is agreed in a private meeting stays among those who attend it, unless it is for something all see.
        $isPrivate = $meeting->series->is_private && $project === null && $goal === null;

        return $this->log->change($who, "Added the next step “{$title}”", function () use (
            $who,
            $item,
            $title,
            $owner,
            $due,
            $project,
            $goal,
            $isPrivate,
        ): Task {
            if ($item->issue_id !== null && $item->outcome === null) {
                $this->settle($who, $item, Outcome::NextSteps);
            }

            return ($this->addTask)(
                $who,
                new TaskDraft(
                    $title,
                    $project,
                    $goal,
                    owner: $owner,
                    planned: $this->workspace->calendar()->weekOf($due)->name,
                    dueOn: $due,
                    isPrivate: $isPrivate,
                    agendaItem: $item->id,
                ),
            );
        });
    }

    /**
     * Says what becomes of an issue. One that is settled leaves the agenda; deferred ones come back older.
     *
     * @throws RefusedChange when the meeting is sealed, or the item is no issue
     */
    public function settle(Person $who, AgendaItem $item, ?Outcome $outcome): void
    {
        RunMeeting::refuseSealed($item->meeting);
        $issue = $item->issue ?? throw new RefusedChange('outcome', 'Only an issue has an outcome.');

        $this->log->change($who, "Settled “{$issue->title}”", static function () use ($item, $issue, $outcome): void {
            $item->update(['outcome' => $outcome]);
            $settled = $outcome !== null && $outcome->settles();
            $issue->update([
                'outcome' => $settled ? $outcome : null,
                'settled_on' => $settled ? $item->meeting->on : null,
            ]);
        });
    }
}
