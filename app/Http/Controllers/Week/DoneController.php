<?php

declare(strict_types=1);

namespace App\Http\Controllers\Week;

use App\Http\Controllers\Controller;
use App\Http\Requests\ValidDay;
use App\Models\Workspace;
use App\Queries\Week\DonePage;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use Loftrin\Core\Calendar\Span;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What got done: this week, or any span of up to a year. */
final class DoneController extends Controller
{
    private const DAYS = 366;

    public function __invoke(Request $request, Workspace $workspace, DonePage $page): Response
    {
        $week = $workspace->calendar()->weekOf($workspace->today())->span;
        $from = $request->filled('from') ? ValidDay::read($request->input('from')) : $week->first;
        $until = $request->filled('until') ? ValidDay::read($request->input('until')) : $week->last;

        if ($from === null || $until === null || $until->isBefore($from) || $until->number - $from->number >= self::DAYS) {
            throw new NotFoundHttpException('What got done is known for any span of up to a year.');
        }

        return Inertia::render('week/Done', ['page' => $page->of(new Span($from, $until), $this->me())]);
    }
}
