<?php

declare(strict_types=1);

namespace App\Http\Controllers\Week;

use App\Actions\Week\CreateOutput;
use App\Actions\Week\RunRecurringTask;
use App\Actions\Week\SaveRecurringTask;
use App\Http\Controllers\Controller;
use App\Http\Requests\RecurringTaskFields;
use App\Http\Requests\ValidDay;
use App\Models\RecurringTask;
use App\Models\RecurringTaskKind;
use App\Models\RecurringTaskStep;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Week\NextDatesOf;
use App\Queries\Week\RecurringTaskPage;
use App\Queries\Week\RecurringTasksPage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final class RecurringTaskController extends Controller
{
    public function index(RecurringTasksPage $page): Response
    {
        return Inertia::render('week/RecurringTasks', ['page' => $page->of($this->me())]);
    }

    public function create(Request $request, RecurringTaskPage $page): Response
    {
        $request->validate(['kind' => ['nullable', Rule::enum(RecurringTaskKind::class)]]);

        return Inertia::render('week/RecurringTask', [
            'page' => $page->blank(
                $this->me(),
                $request->enum('kind', RecurringTaskKind::class) ?? RecurringTaskKind::Task,
                $request->boolean('shared'),
            ),
        ]);
    }

    /** When it would come back by its words, while these are written. */
    public function next(Request $request, NextDatesOf $next): JsonResponse
    {
        $request->validate(['words' => ['required', 'string', 'max:120'], 'startsOn' => ['nullable', new ValidDay()]]);

        return new JsonResponse($next->words($request->string('words')->toString(), ValidDay::read($request->input('startsOn'))));
    }

    public function show(RecurringTask $recurringTask, RecurringTaskPage $page): Response
    {
        return Inertia::render('week/RecurringTask', ['page' => $page->of($recurringTask, $this->me())]);
    }

    public function store(RecurringTaskFields $fields, SaveRecurringTask $save): RedirectResponse
    {
        $save($this->me(), $fields->draft());

        return $this->changed($fields->boolean('stay') ? null : route('recurring-tasks.index'));
    }

    public function update(RecurringTaskFields $fields, RecurringTask $recurringTask, SaveRecurringTask $save): RedirectResponse
    {
        $save($this->me(), $fields->draft(), $recurringTask);

        return $this->changed();
    }

    public function end(RecurringTask $recurringTask, SaveRecurringTask $save): RedirectResponse
    {
        $save->end($this->me(), $recurringTask);

        return $this->changed(route('recurring-tasks.index'));
    }

    public function take(Request $request, SaveRecurringTask $save): RedirectResponse
    {
        $request->validate([
            'recurringTasks' => ['required', 'array', 'max:50'],
            'recurringTasks.*' => ['integer', 'distinct'],
            'project' => ['nullable', 'integer'],
            'area' => ['nullable', 'integer', 'exists:areas,id'],
        ]);
        /** @var list<int|string> $ids */
        $ids = array_values($request->array('recurringTasks'));
        $save->take($this->me(), array_map(intval(...), $ids), $this->number($request, 'project'), $this->number($request, 'area'));

        return $this->changed();
    }

    public function skip(Task $task, RunRecurringTask $run): RedirectResponse
    {
        $run->skip($this->me(), $task);

        return $this->changed();
    }

    public function now(RecurringTask $recurringTask, RunRecurringTask $run): RedirectResponse
    {
        $run->now($this->me(), $recurringTask);

        return $this->changed();
    }

    public function createOutput(RecurringTask $recurringTask, CreateOutput $createOutput, Workspace $workspace): RedirectResponse
    {
        $createOutput($this->me(), $recurringTask, $workspace->calendar()->quarterOf($workspace->today()));

        return $this->changed();
    }

    public function daily(Request $request, RecurringTask $recurringTask, RunRecurringTask $run): RedirectResponse
    {
        if ($recurringTask->owner_id !== $this->me()->id || $recurringTask->kind !== RecurringTaskKind::Daily) {
            throw new NotFoundHttpException();
        }

        $request->validate(['done' => ['required', 'boolean']]);
        $run->daily($this->me(), $recurringTask, $request->boolean('done'));

        return $this->changed();
    }

    public function tickLine(Request $request, RecurringTaskStep $step, RunRecurringTask $run): RedirectResponse
    {
        $request->validate(['done' => ['required', 'boolean']]);
        $run->tickLine($this->me(), $step, $request->boolean('done'));

        return $this->changed();
    }

    public function startAfresh(RecurringTask $recurringTask, RunRecurringTask $run): RedirectResponse
    {
        $run->startAfresh($this->me(), $recurringTask);

        return $this->changed();
    }
}
