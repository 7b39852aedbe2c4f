<?php

declare(strict_types=1);

namespace App\Http\Controllers\Lists;

use App\Http\Controllers\Controller;
use App\Models\Workspace;
use App\Queries\Lists\ListPage;
use App\Queries\Lists\TaskList;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use Loftrin\Core\Calendar\Day;

/** The lists of one's own tasks. */
final class ListController extends Controller
{
    /** The gap that is asked for where none is said, in minutes. */
    private const GAP = 30;

    /** How far finished tasks go back where no day is said. */
    private const DAYS_BACK = 7;

    public function show(Request $request, ListPage $page, Workspace $workspace, TaskList $list = TaskList::Today): Response
    {
        $request->validate(['minutes' => ['nullable', 'integer', 'between:1,100000'], 'since' => ['nullable', 'date_format:Y-m-d']]);

        return Inertia::render('lists/List', ['page' => $page->of(
            $list,
            $this->me(),
            $request->filled('minutes') ? $request->integer('minutes') : self::GAP,
            $request->filled('since') ? Day::of($request->string('since')->toString()) : $workspace->today()->plus(-self::DAYS_BACK),
        )]);
    }
}
