<?php

declare(strict_types=1);

namespace App\Actions\Meetings;

use App\Actions\Week\AddTask;
use App\Actions\Week\SaidDraft;
use App\Actions\Week\TaskDraft;
use App\Models\AgendaItem;
use App\Models\Decision;
use App\Models\NoteLine;
use App\Models\Person;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Capture\LineReader;
use App\Queries\Meetings\Occurrences;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Loftrin\Core\Meetings\Outcome;

/** What is agreed on an agenda item: decisions, and who does what by when. */
final readonly class Agree
{
    public function __construct(
        private ChangeLog $log,
        private Workspace $workspace,
        private AddTask $addTask,
        private SettleIssue $settle,
        private LineReader $reader,
    ) {
    }

    /**
     * Records a decision; an issue is decided by it.
     *
     * @param ?NoteLine $line of the notes, that becomes one where it stands
     */
    public function decide(Person $who, AgendaItem $item, string $words, ?string $because, ?NoteLine $line = null): Decision
    {
        RunMeeting::refuseFinal($item->meeting);

        return $this->log->change($who, "Decided: {$words}", function () use ($who, $item, $words, $because, $line): Decision {
            $this->settleOpen($who, $item, Outcome::Decided);
            $decision = Decision::query()->create([
                'agenda_item_id' => $item->id,
                'words' => $words,
                'because' => $because,
                'decided_on' => $item->meeting->on,
            ]);
            $line?->update(['decision_id' => $decision->id]);

            return $decision;
        });
    }

    /**
     * Records who does what by when, as the line says in plain English: one task, which shows here, in its project and in its
     * owner's week. It is due at the next meeting unless said, and for what the issue is for.
     *
     * @param TaskDraft $besides what was chosen besides: who, by when, for which project
     * @param list<string> $refused keys of what was understood and is not meant
     * @param array<string, string> $chosen what ambiguous names mean
     *
     * @throws RefusedChange when nobody is named, the minutes are final, or the task would break a rule
     */
    public function nextStep(
        Person $who,
        AgendaItem $item,
        string $words,
        TaskDraft $besides = new TaskDraft(''),
        array $refused = [],
        array $chosen = [],
        ?NoteLine $line = null,
    ): Task {
        RunMeeting::refuseFinal($item->meeting);
        $today = $this->workspace->today();
        $said = (new SaidDraft($this->reader->read($who, $words, $today, $refused), $today, $chosen))->with($besides, lineWins: true);
        $owner = $said->owner ?? throw new RefusedChange('owner', 'Who does it? Add “to” and a name, or choose one.');

        return $this->log->change($who, "Added the next step “{$said->title}”", function () use (
            $who,
            $item,
            $said,
            $owner,
            $words,
            $line,
        ): Task {
            $this->settleOpen($who, $item, Outcome::NextSteps);
            $task = ($this->addTask)($who, $this->placed($item, $said, $words));
            $task->update(['confirmed_at' => $owner === $who->id ? Carbon::now() : null]);
            $line?->update(['task_id' => $task->id]);

            return $task;
        });
    }

    /**
     * Its owner says yes to a next step that somebody else noted.
     *
     * @throws RefusedChange when it is not theirs
     */
    public function confirm(Person $who, Task $task): void
    {
        if ($task->owner_id !== $who->id || $task->agenda_item_id === null) {
            throw new RefusedChange('task', 'Only the person who is to do it can confirm a next step.');
        }

        $this->log->change($who, "Confirmed “{$task->title}”", static fn() => $task->update(['confirmed_at' => Carbon::now()]));
    }

    private function placed(AgendaItem $item, TaskDraft $said, string $words): TaskDraft
    {
        // What a next step has no place for is not lost with the words that say it.
        $isLeftOut = $said->rhythm !== null || $said->isDone || $said->isShelved || mb_strlen($said->title) > TaskDraft::TITLE;
        $meeting = $item->meeting;
        $due = $said->dueOn ?? (Occurrences::next($meeting->series, $meeting->on->plus(1)) ?? $meeting->on->plus(7));
        $isPlaced = $said->project !== null || $said->goal !== null;
        $project = $isPlaced ? $said->project : $item->issue?->project_id;
        $goal = $isPlaced || $project !== null || $meeting->series->is_private ? $said->goal : $item->goal_id;

        return new TaskDraft(
            title: Str::limit($said->title, TaskDraft::TITLE, ''),
            project: $project,
            goal: $goal,
            owner: $said->owner,
            planned: $said->planned ?? $this->workspace->calendar()->weekOf($due)->name,
            dueOn: $due,
            minutes: $said->minutes,
            rank: $said->rank,
            // What is agreed in a private meeting stays among those who attend it, unless it is for something all see.
            isPrivate: $meeting->series->is_private && $project === null && $goal === null,
            agendaItem: $item->id,
            notes: $isLeftOut ? $words : null,
            at: $said->at,
            focus: $said->focus,
            waitingFor: $said->waitingFor,
            followUpOn: $said->followUpOn,
            helpers: $said->helpers,
        );
    }

    /** What is agreed settles an issue that nothing has settled yet. */
    private function settleOpen(Person $who, AgendaItem $item, Outcome $outcome): void
    {
        if ($item->issue_id !== null && $item->outcome === null) {
            ($this->settle)($who, $item, $outcome);
        }
    }
}
