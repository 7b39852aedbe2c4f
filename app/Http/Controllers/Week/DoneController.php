<?php

declare(strict_types=1);

namespace App\Http\Controllers\Week;

use App\Http\Controllers\Controller;
use App\Http\Requests\AskedSpan;
use App\Models\Workspace;
use App\Queries\Week\DonePage;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What got done: this week, or any span of up to a year. */
final class DoneController extends Controller
{
    public function __invoke(Request $request, Workspace $workspace, DonePage $page): Response
    {
        $span =
            AskedSpan::of($request, $workspace->calendar()->weekOf($workspace->today())->span) ??
            throw new NotFoundHttpException('What got done is known for any span of up to a year.');

        return Inertia::render('week/Done', ['page' => $page->of($span, $this->me())]);
    }
}
