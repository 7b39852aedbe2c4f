<?php

declare(strict_types=1);

namespace App\Http\Controllers\Week;

use App\Actions\Direction\SayOfPeriod;
use App\Http\Controllers\Controller;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Week\WeekPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;

final class WeekController extends Controller
{
    public function __construct(private readonly Workspace $workspace)
    {
    }

    public function current(): RedirectResponse
    {
        return redirect()->route('week.show', $this->workspace->calendar()->weekOf($this->workspace->today())->name);
    }

    public function show(Request $request, string $period, WeekPage $page): Response
    {
        $week = $this->period($period);
        abort_unless($week->horizon === Horizon::Week, 404);
        $whose = $request->filled('who') ? Person::query()->findOrFail($request->integer('who')) : $this->me();

        return Inertia::render('week/Week', ['page' => $page->of($week, $this->me(), $whose)]);
    }

    /** A week's focus is anybody's to set; the line of a longer period is a lead's. */
    public function focus(Request $request, string $period, SayOfPeriod $set): RedirectResponse
    {
        $of = $this->period($period);
        abort_unless($of->horizon === Horizon::Week || $this->me()->isLead(), 403);
        $request->validate(['words' => ['present', 'nullable', 'string', 'max:200']]);
        $set($this->me(), $of, $request->filled('words') ? $request->string('words')->toString() : null);

        return $this->changed();
    }

    private function period(string $name): Period
    {
        return $this->workspace->calendar()->tryPeriod($name) ?? abort(404);
    }
}
