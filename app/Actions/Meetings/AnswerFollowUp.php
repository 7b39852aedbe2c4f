<?php

declare(strict_types=1);

namespace App\Actions\Meetings;

use App\Actions\Week\ChangeTask;
use App\Actions\Week\TickTask;
use App\Models\FollowUp;
use App\Models\Meeting;
use App\Models\Person;
use App\Models\Task;
use App\Queries\Meetings\AgendaInStore;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Illuminate\Support\Str;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Meetings\FollowUpAnswer;

/** What the room says of a next step from an earlier meeting: it is said once, and the task follows. */
final readonly class AnswerFollowUp
{
    public function __construct(
        private ChangeLog $log,
        private AgendaInStore $agendas,
        private TickTask $tick,
        private ChangeTask $change,
        private RaiseIssue $raise,
    ) {
    }

    /**
     * @param ?string $words by what it is held up, or what help is needed
     * @param ?Day $until the new date, or when to ask again
     *
     * @throws RefusedChange when it is not followed up in this meeting, its minutes are final, or something is missing
     */
    public function __invoke(
        Person $who,
        Meeting $meeting,
        Task $task,
        FollowUpAnswer $answer,
        ?string $words = null,
        ?Day $until = null,
    ): void {
        RunMeeting::refuseFinal($meeting);

        match (true) {
            ! $this->isFollowedUp($meeting, $task) => throw new RefusedChange('task', 'This is no follow-up of this meeting.'),
            $answer === FollowUpAnswer::NotYet && $until === null => throw new RefusedChange('until', 'By when will it be done?'),
            $answer === FollowUpAnswer::HeldUp && $words === null => throw new RefusedChange('words', 'What is it waiting for?'),
            default => null,
        };

        if ($answer === FollowUpAnswer::Help && $this->wasSaid($meeting, $task, $answer)) {
            return;
        }

        $done = "Followed up “{$task->title}”";
        $this->log->change($who, $done, function () use ($who, $meeting, $task, $answer, $words, $until): void {
            if ($answer !== FollowUpAnswer::Done) {
                // The room knows better than whoever ticked it.
                ($this->tick)($who, $task, false);
            }

            match ($answer) {
                FollowUpAnswer::Done => ($this->tick)($who, $task, true),
                FollowUpAnswer::NotYet => ($this->change)($who, $task, ['due_on' => $until]),
                FollowUpAnswer::Help => ($this->raise)(
                    $who,
                    $meeting->series,
                    new IssueDraft(
                        title: Str::limit($words ?? $task->title, 200, ''),
                        task: $task->id,
                        project: $task->project?->openTitle() === null ? null : $task->project_id,
                    ),
                ),
                FollowUpAnswer::HeldUp => ($this->change)($who, $task, ['waiting_on' => $words, 'follow_up_on' => $until]),
            };
            FollowUp::query()
                ->firstOrNew(['meeting_id' => $meeting->id, 'task_id' => $task->id])
                ->fill(['answer' => $answer, 'words' => $words, 'until' => $until])
                ->save();
        });
    }

    private function wasSaid(Meeting $meeting, Task $task, FollowUpAnswer $answer): bool
    {
        return $meeting->followUps()->where('task_id', $task->id)->where('answer', $answer)->exists();
    }

    private function isFollowedUp(Meeting $meeting, Task $task): bool
    {
        return $this->agendas->followUps($meeting->series, $meeting)->whereKey($task->id)->exists();
    }
}
