<?php

declare(strict_types=1);

namespace App\Http\Controllers\Reviews;

use App\Actions\Reviews\AskOwners;
use App\Http\Controllers\Controller;
use App\Models\Workspace;
use App\Queries\Reviews\TeamWeekPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Weekday;

/** The team's week: what all owners say of their goals. */
final class TeamController extends Controller
{
    public function current(Workspace $workspace, TeamWeekPage $page): Response
    {
        return $this->show($workspace->calendar()->weekOf($workspace->today()), $page);
    }

    public function show(Period $week, TeamWeekPage $page): Response
    {
        return Inertia::render('reviews/Team', ['page' => $page->of($week, $this->me())]);
    }

    public function ask(Request $request, AskOwners $ask): RedirectResponse
    {
        $days = array_map(static fn(Weekday $day): string => $day->label(), Weekday::cases());
        $request->validate(['on' => ['required', Rule::in($days)]]);
        $ask($this->me(), Weekday::tryNamed($request->string('on')->toString()) ?? Weekday::Thursday);

        return $this->changed();
    }
}
