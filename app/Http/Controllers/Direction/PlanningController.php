<?php

declare(strict_types=1);

namespace App\Http\Controllers\Direction;

use App\Actions\Direction\ContinuePlanning;
use App\Http\Controllers\Controller;
use App\Models\Goal;
use App\Queries\Direction\PlanningPage;
use App\Queries\Direction\PlanningStep;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use Loftrin\Core\Calendar\PlanningSpan;

/** Planning a year, a quarter, a month or some weeks: a pass that can be left and taken up. */
final class PlanningController extends Controller
{
    public function show(PlanningSpan $stretch, PlanningPage $page, ?PlanningStep $step = null): Response
    {
        return Inertia::render('direction/Planning', ['page' => $page->of($stretch, $this->me(), $step)]);
    }

    /** On to a step, which is where it is taken up. Nothing was changed that one would undo. */
    public function goTo(PlanningSpan $stretch, PlanningStep $step, ContinuePlanning $continue): RedirectResponse
    {
        $continue->to($this->me(), $stretch, $step);

        return redirect(route('planning', ['stretch' => $stretch->name, 'step' => $step]), 303);
    }

    public function finish(PlanningSpan $stretch, ContinuePlanning $continue): RedirectResponse
    {
        $of = $stretch;
        $continue->finish($this->me(), $of);

        return $this->changed(route('year', $of->periods[0]->name));
    }

    public function mark(Request $request, Goal $goal, ContinuePlanning $continue): RedirectResponse
    {
        // One mark is set without the other.
        $request->validate(['isMain' => ['boolean'], 'isFirst' => ['boolean']]);
        $continue->mark($this->me(), $goal, $request->boolean('isMain', $goal->is_main), $request->boolean('isFirst', $goal->is_first));

        return $this->changed();
    }
}
