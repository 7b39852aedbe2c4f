<?php

declare(strict_types=1);

namespace App\Http\Controllers\Week;

use App\Actions\Week\LayOut;
use App\Actions\Week\RunRoutine;
use App\Actions\Week\SaveRoutine;
use App\Http\Controllers\Controller;
use App\Http\Requests\RoutineFields;
use App\Models\Routine;
use App\Models\RoutineKind;
use App\Models\RoutineStep;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Week\RoutinePage;
use App\Queries\Week\RoutinesPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final class RoutineController extends Controller
{
    public function index(RoutinesPage $page): Response
    {
        return Inertia::render('week/Routines', ['page' => $page->of($this->me())]);
    }

    public function create(Request $request, RoutinePage $page): Response
    {
        $request->validate(['kind' => ['nullable', Rule::enum(RoutineKind::class)]]);

        return Inertia::render('week/Routine', [
            'page' => $page->blank(
                $this->me(),
                $request->enum('kind', RoutineKind::class) ?? RoutineKind::Task,
                $request->boolean('stock'),
            ),
        ]);
    }

    public function show(Routine $routine, RoutinePage $page): Response
    {
        return Inertia::render('week/Routine', ['page' => $page->of($routine, $this->me())]);
    }

    public function store(RoutineFields $fields, SaveRoutine $save): RedirectResponse
    {
        $save($this->me(), $fields->draft());

        return $this->changed(route('routines.index'));
    }

    public function update(RoutineFields $fields, Routine $routine, SaveRoutine $save): RedirectResponse
    {
        $save($this->me(), $fields->draft(), $routine);

        return $this->changed();
    }

    public function end(Routine $routine, SaveRoutine $save): RedirectResponse
    {
        $save->end($this->me(), $routine);

        return $this->changed(route('routines.index'));
    }

    public function take(Request $request, SaveRoutine $save): RedirectResponse
    {
        $request->validate([
            'routines' => ['required', 'array', 'max:50'],
            'routines.*' => ['integer', 'distinct'],
            'project' => ['nullable', 'integer', 'exists:projects,id'],
            'area' => ['nullable', 'integer', 'exists:areas,id'],
        ]);
        /** @var list<int|string> $ids */
        $ids = array_values($request->array('routines'));
        $save->take($this->me(), array_map(intval(...), $ids), $this->number($request, 'project'), $this->number($request, 'area'));

        return $this->changed();
    }

    public function skip(Task $task, RunRoutine $run): RedirectResponse
    {
        $run->skip($this->me(), $task);

        return $this->changed();
    }

    public function now(Routine $routine, RunRoutine $run): RedirectResponse
    {
        $run->now($this->me(), $routine);

        return $this->changed();
    }

    public function layOut(Routine $routine, LayOut $layOut, Workspace $workspace): RedirectResponse
    {
        $layOut($this->me(), $routine, $workspace->calendar()->quarterOf($workspace->today()));

        return $this->changed();
    }

    public function daily(Request $request, Routine $routine, RunRoutine $run): RedirectResponse
    {
        if ($routine->owner_id !== $this->me()->id || $routine->kind !== RoutineKind::Daily) {
            throw new NotFoundHttpException();
        }

        $request->validate(['done' => ['required', 'boolean']]);
        $run->daily($this->me(), $routine, $request->boolean('done'));

        return $this->changed();
    }

    public function tickLine(Request $request, RoutineStep $step, RunRoutine $run): RedirectResponse
    {
        $request->validate(['done' => ['required', 'boolean']]);
        $run->tickLine($this->me(), $step, $request->boolean('done'));

        return $this->changed();
    }

    public function startAfresh(Routine $routine, RunRoutine $run): RedirectResponse
    {
        $run->startAfresh($this->me(), $routine);

        return $this->changed();
    }
}
