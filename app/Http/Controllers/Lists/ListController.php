<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lists;

use App\Actions\Week\Bulk;
use App\Actions\Week\ChangeTasks;
use App\Http\Controllers\Controller;
use App\Http\Requests\Shown;
use App\Http\Requests\ValidDay;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Lists\DatePage;
use App\Queries\Lists\ListPage;
use App\Queries\Lists\OwnTasks;
use App\Queries\Lists\TaskList;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use Loftrin\Core\Calendar\Day;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The lists of one's own tasks. */
final class ListController extends Controller
{
    /** The gap that is asked for where none is said, in minutes. */
    public const GAP = 30;

    /** How far finished tasks go back where no day is said. */
    public const DAYS_BACK = 7;

    /** All of one's open tasks by date. */
    public function byDate(DatePage $page, Workspace $workspace): Response
    {
        return Inertia::render('lists/ByDate', [
            'page' => $page->of($this->me(), self::GAP, $workspace->today()->plus(-self::DAYS_BACK)),
        ]);
    }

    public function show(Request $request, ListPage $page, Workspace $workspace, TaskList $list): Response
    {
        $request->validate(['minutes' => ['nullable', 'integer', 'between:1,100000'], 'since' => ['nullable', new ValidDay()]]);

        return Inertia::render('lists/List', [
            'page' => $page->of(
                $list,
                $this->me(),
                $request->filled('minutes') ? $request->integer('minutes') : self::GAP,
                $request->filled('since') ? Day::of($request->string('since')->toString()) : $workspace->today()->plus(-self::DAYS_BACK),
                Shown::in($request),
            ),
        ]);
    }

    /** Hands all that lies in a list to the next week. */
    public function handOn(Request $request, TaskList $list, OwnTasks $tasks, ChangeTasks $change, Workspace $workspace): RedirectResponse
    {
        $list !== TaskList::Finished || throw new NotFoundHttpException();
        $request->validate(['minutes' => ['nullable', 'integer', 'between:1,100000']]);
        $calendar = $workspace->calendar();
        $ids = $tasks
            ->in($list, $this->me(), $this->number($request, 'minutes') ?? self::GAP, $workspace->today())
            ->get(['id'])
            ->map(static fn(Task $task): int => $task->id)
            ->all();
        $change($this->me(), array_values($ids), Bulk::Plan, $calendar->next($calendar->weekOf($workspace->today()))->name);

        return $this->changed();
    }
}
