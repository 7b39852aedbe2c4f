<?php

declare(strict_types=1);

namespace App\Http\Controllers\Week;

use App\Actions\Capture\AddLine;
use App\Actions\Capture\EachLine;
use App\Actions\Week\ChangeSteps;
use App\Actions\Week\ChangeTask;
use App\Actions\Week\PlanTask;
use App\Actions\Week\SaidDraft;
use App\Actions\Week\SetOrder;
use App\Actions\Week\SetTaskAside;
use App\Actions\Week\TaskDraft;
use App\Actions\Week\TickTask;
use App\Http\Controllers\Controller;
use App\Http\Requests\Lines;
use App\Http\Requests\Meanwhile;
use App\Http\Requests\Refused;
use App\Http\Requests\TaskFields;
use App\Models\Step;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Capture\LineReader;
use App\Queries\Week\TaskPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

final class TaskController extends Controller
{
    public function show(Task $task, TaskPage $page): Response
    {
        return Inertia::render('week/Task', ['page' => $page->of($task, $this->me())]);
    }

    /** What is written on a line is read as plain English; what comes from elsewhere is taken as it is. */
    public function store(TaskFields $fields, AddLine $add, EachLine $each, LineReader $reader, Workspace $workspace): RedirectResponse
    {
        $fields->validate(Refused::RULES);
        $draft = $fields->draft();
        $said = fn(string $words): TaskDraft => (new SaidDraft(
            $reader->read($this->me(), $words, $workspace->today(), Refused::in($fields)),
            $workspace->today(),
            Refused::chosen($fields),
        ))->with($draft, lineWins: true);

        $isRead = $fields->has('lines') || $fields->boolean('isLine');
        $each(
            $this->me(),
            Lines::in($fields, 'title'),
            'tasks',
            fn(string $line) => $add($this->me(), $isRead ? $said($line) : $draft),
        );

        return $this->changed();
    }

    public function update(TaskFields $fields, Task $task, ChangeTask $change): RedirectResponse
    {
        $change($this->me(), $task, $fields->changes());

        return $this->changed();
    }

    public function tick(Request $request, Task $task, TickTask $tick): RedirectResponse
    {
        $request->validate(['done' => ['required', 'boolean']]);
        $tick($this->me(), $task, $request->boolean('done'));

        return $this->changed();
    }

    public function plan(Request $request, Task $task, PlanTask $plan): RedirectResponse
    {
        $request->validate(['planned' => ['present', 'nullable', 'string', 'max:10'], 'at' => ['nullable', 'date_format:H:i']]);
        $plan($this->me(), $task, $this->text($request, 'planned'), $this->text($request, 'at'));

        return $this->changed();
    }

    public function setAside(Request $request, Task $task, SetTaskAside $aside): RedirectResponse
    {
        $request->validate(['how' => ['required', 'in:shelve,drop,restore']]);

        match ($request->string('how')->toString()) {
            'shelve' => $aside->shelve($this->me(), $task),
            'drop' => $aside->drop($this->me(), $task),
            default => $aside->restore($this->me(), $task),
        };

        return $this->changed();
    }

    public function order(Request $request, Task $task, SetOrder $set): RedirectResponse
    {
        $request->validate(['after' => ['array', 'max:50'], 'after.*' => ['integer', 'distinct']]);
        /** @var list<int> $there */
        $there = $task->dependencies()->orderBy('id')->pluck('after_id')->all();
        $set($this->me(), $task, Meanwhile::ticked($request, 'after', $there));

        return $this->changed();
    }

    public function addSteps(Request $request, Task $task, ChangeSteps $steps): RedirectResponse
    {
        $request->validate(Lines::rules('title', 200), Lines::MESSAGES);
        $steps->add($this->me(), $task, Lines::in($request, 'title'));

        return $this->changed();
    }

    public function tickStep(Request $request, Step $step, ChangeSteps $steps): RedirectResponse
    {
        $request->validate(['done' => ['required', 'boolean']]);
        $steps->tick($this->me(), $step->load('task'), $request->boolean('done'));

        return $this->changed();
    }

    public function removeStep(Step $step, ChangeSteps $steps): RedirectResponse
    {
        $steps->remove($this->me(), $step->load('task'));

        return $this->changed();
    }
}
