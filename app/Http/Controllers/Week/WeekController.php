<?php

declare(strict_types=1);

namespace App\Http\Controllers\Week;

use App\Actions\Direction\SavePeriodWords;
use App\Actions\Week\SaveWeekLine;
use App\Http\Controllers\Controller;
use App\Http\Requests\Meanwhile;
use App\Models\PeriodWords;
use App\Models\Person;
use App\Models\PersonWeek;
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

    public function show(Request $request, Period $period, WeekPage $page): Response
    {
        abort_unless($period->horizon === Horizon::Week, 404);
        $whose = $request->filled('who') ? Person::query()->findOrFail($request->integer('who')) : $this->me();

        return Inertia::render('week/Week', ['page' => $page->of($period, $this->me(), $whose)]);
    }

    public function line(Request $request, Period $week, SaveWeekLine $save): RedirectResponse
    {
        Meanwhile::complete($request, ['words' => PersonWeek::wordsOf($this->me(), $week->name)]);
        $request->validate(['words' => ['present', 'nullable', 'string', 'max:200']]);
        $save($this->me(), $week, $this->text($request, 'words'));

        return $this->changed();
    }

    public function words(Request $request, Period $period, SavePeriodWords $set): RedirectResponse
    {
        Meanwhile::complete($request, ['words' => PeriodWords::wordsOf($period->name)]);
        $request->validate(['words' => ['present', 'nullable', 'string', 'max:200']]);
        $set($this->me(), $period, $request->filled('words') ? $request->string('words')->toString() : null);

        return $this->changed();
    }
}
