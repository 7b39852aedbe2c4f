<?php

declare(strict_types=1);

namespace App\Queries\Day;

use App\Models\EveningAnswer;
use App\Models\EveningQuestion;
use App\Models\Person;
use App\Models\PersonDay;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Day\Answers\EveningRow;
use App\Queries\Day\Answers\EveningView;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Parts\ListedTask;
use App\Queries\Plan\StoredPlans;
use App\Queries\Week\WeekTasks;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Day\EveningQuestion as Question;

/** What a person's day ends with. */
final readonly class Evening
{
    /** From this time on the questions are asked, on the wall clock. */
    public const FROM = '16:00';

    /** So many tasks are offered as the next main thing. */
    private const OFFERED = 6;

    public function __construct(private Workspace $workspace, private StoredPlans $plans, private WeekTasks $tasks)
    {
    }

    public function of(Person $person, Day $on, bool $isTime): EveningView
    {
        $today = $this->workspace->today();
        $isToday = $on->number === $today->number;
        $answers = EveningAnswer::query()
            ->where('person_id', $person->id)
            ->where('on', (string) $on)
            ->orderBy('id')
            ->get()
            ->keyBy('question')
            ->all();
        $bank = array_map(
            static fn(Question $question): EveningRow => self::row($question, $answers[$question->words] ?? null),
            EveningQuestion::of($person),
        );
        $known = array_column($bank, 'question');
        // What was asked in other words, or was taken out of the bank, keeps its answer.
        $former = array_map(
            static fn(EveningAnswer $answer): EveningRow => self::row(
                new Question($answer->question, $answer->score !== null, false),
                $answer,
            ),
            array_values(array_filter($answers, static fn(EveningAnswer $answer): bool => ! in_array($answer->question, $known, true))),
        );
        $next = $isToday ? $this->workspace->calendar()->workingDayFrom($today->plus(1)) : null;
        [$main, $candidates] = $next === null || ! $isTime ? [null, []] : $this->next($person, $next);

        return new EveningView(
            isTime: $isTime,
            questions: [
                ...array_values(
                    array_filter($bank, static fn(EveningRow $row): bool => $row->isAsked || $row->words !== '' || $row->score !== null),
                ),
                ...$former,
            ],
            bank: $bank,
            next: $next,
            nextMain: $main,
            candidates: $candidates,
        );
    }

    private static function row(Question $question, ?EveningAnswer $answer): EveningRow
    {
        return new EveningRow($question->words, $question->isScore, $question->isAsked, $answer->words ?? '', $answer?->score);
    }

    /** @return array{?TaskRow, list<TaskRow>} the main thing of a day to come, and what it can be chosen from */
    private function next(Person $person, Day $next): array
    {
        $week = $this->workspace->calendar()->weekOf($next);
        $threads = $this->plans->threads($person, $week);
        $tasks = $this->tasks
            ->standing(Task::query()->where('owner_id', $person->id)->open(), $week)
            ->orderByRaw('rank is null, rank')
            ->orderBy('id');
        $open = array_map(
            fn(ListedTask $task): TaskRow => TaskRow::of($task, $threads, $this->workspace),
            ListedTask::all($tasks),
        );
        // Those of the day come first, then what has no day yet, then the days as they come.
        usort(
            $open,
            static fn(TaskRow $a, TaskRow $b): int => [$a->planned !== (string) $next, self::dayOf($a)] <=> [
                $b->planned !== (string) $next,
                self::dayOf($b),
            ],
        );
        $chosen = PersonDay::query()->where('person_id', $person->id)->where('on', (string) $next)->value('main_task_id');
        $main = array_values(array_filter($open, static fn(TaskRow $task): bool => $task->id === $chosen))[0] ?? null;

        return [$main, array_slice($open, 0, self::OFFERED)];
    }

    /** The day that a task is planned for, "" for a task of the week. */
    private static function dayOf(TaskRow $task): string
    {
        return (string) Day::tryOf($task->planned ?? '');
    }
}
