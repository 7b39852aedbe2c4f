<?php

declare(strict_types=1);

namespace App\Actions\Reviews;

use App\Actions\Week\AddTask;
use App\Actions\Week\TaskDraft;
use App\Models\AgreedChange;
use App\Models\Person;
use App\Models\Retrospective;
use App\Models\RetrospectiveAnswer;
use App\Models\RetrospectiveQuestion;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Reviews\ChangeVerdict;

/** What participants write and agree in a retrospective, and what became of it. */
final readonly class WriteRetrospective
{
    public function __construct(private ChangeLog $log, private AddTask $addTask)
    {
    }

    /** @throws RefusedChange when it is finished */
    public function answer(Person $who, RetrospectiveQuestion $question, string $words): void
    {
        $this->log->change(
            $who,
            "Answered “{$question->words}”",
            static function () use ($who, $question, $words): void {
                HoldRetrospective::refuseFinished($question->retrospective->refresh());
                $own = ['retrospective_question_id' => $question->id, 'person_id' => $who->id];
                (RetrospectiveAnswer::query()->where($own)->first() ?? new RetrospectiveAnswer($own))->fill(['words' => $words])->save();
            },
            isStep: false,
        );
    }

    /**
     * Agrees on a change: a task of its owner, and the sign by which one will see that it worked.
     *
     * @param Person $owner one of those who take part
     *
     * @throws RefusedChange when it is finished, or its owner takes no part
     */
    public function agree(Person $who, Retrospective $retrospective, string $words, Person $owner, Day $by, string $sign): void
    {
        $this->log->change($who, "Agreed on “{$words}”", function () use ($who, $retrospective, $words, $owner, $by, $sign): void {
            HoldRetrospective::refuseFinished($retrospective->refresh());

            if ($retrospective->participants()->where('person_id', $owner->id)->doesntExist()) {
                throw new RefusedChange('owner', "{$owner->name} takes no part in this retrospective.");
            }

            $task = ($this->addTask)(
                $who,
                new TaskDraft(
                    title: $words,
                    project: $retrospective->project?->state->isOpen() === true ? $retrospective->project_id : null,
                    owner: $owner->id,
                    dueOn: $by,
                ),
            );
            AgreedChange::query()->create(['retrospective_id' => $retrospective->id, 'task_id' => $task->id, 'sign' => $sign]);
        });
    }

    /**
     * What became of a change, as seen by its sign.
     *
     * @param ?ChangeVerdict $verdict null for none
     */
    public function judge(Person $who, AgreedChange $change, ?ChangeVerdict $verdict, ?string $seen): void
    {
        $this->log->change(
            $who,
            "Said whether “{$change->task->title}” worked",
            static fn() => $change->refresh()->update(['verdict' => $verdict, 'seen' => $seen]),
        );
    }
}
