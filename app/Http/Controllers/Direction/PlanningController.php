<?php

declare(strict_types=1);

namespace App\Http\Controllers\Direction;

use App\Actions\Direction\GoOnPlanning;
use App\Actions\Direction\SaveResolve;
use App\Http\Controllers\Controller;
use App\Models\Goal;
use App\Models\Resolve;
use App\Models\ResolveKind;
use App\Models\Workspace;
use App\Queries\Direction\PlanningPage;
use App\Queries\Direction\PlanningStep;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Loftrin\Core\Calendar\PlanningSpan;

/** Planning a year, a quarter, a month or some weeks: a pass that can be left and taken up. */
final class PlanningController extends Controller
{
    public function show(string $stretch, PlanningPage $page, Workspace $workspace, ?PlanningStep $step = null): Response
    {
        return Inertia::render('direction/Planning', ['page' => $page->of($this->stretch($workspace, $stretch), $this->me(), $step)]);
    }

    /** On to a step, which is where it is taken up. Nothing was changed that one would undo. */
    public function goTo(string $stretch, PlanningStep $step, GoOnPlanning $goOn, Workspace $workspace): RedirectResponse
    {
        $goOn->to($this->me(), $this->stretch($workspace, $stretch), $step);

        return redirect(route('planning', ['stretch' => $stretch, 'step' => $step]), 303);
    }

    public function finish(string $stretch, GoOnPlanning $goOn, Workspace $workspace): RedirectResponse
    {
        $of = $this->stretch($workspace, $stretch);
        $goOn->finish($this->me(), $of);

        return $this->changed(route('sheet', $of->periods[0]->name));
    }

    public function mark(Request $request, Goal $goal, GoOnPlanning $goOn): RedirectResponse
    {
        Gate::authorize('update', $goal);
        $request->validate(['isMain' => ['required', 'boolean'], 'isFirst' => ['required', 'boolean']]);
        $goOn->mark($this->me(), $goal, $request->boolean('isMain'), $request->boolean('isFirst'));

        return $this->changed();
    }

    public function resolve(Request $request, string $stretch, SaveResolve $save, Workspace $workspace): RedirectResponse
    {
        $request->validate(['kind' => ['required', Rule::enum(ResolveKind::class)], 'title' => ['required', 'string', 'max:200'], 'owner' => ['nullable', 'integer', 'exists:people,id']]);
        $save->add(
            $this->me(),
            $this->stretch($workspace, $stretch),
            $request->enum('kind', ResolveKind::class) ?? ResolveKind::Driver,
            $request->string('title')->toString(),
            $request->filled('owner') ? $request->integer('owner') : null,
        );

        return $this->changed();
    }

    public function endResolve(Request $request, Resolve $resolve, SaveResolve $save): RedirectResponse
    {
        Gate::authorize('update', $resolve);
        $request->validate(['learned' => ['nullable', 'string', 'max:1000']]);
        $save->end($this->me(), $resolve, $this->text($request, 'learned'));

        return $this->changed();
    }

    public function removeResolve(Resolve $resolve, SaveResolve $save): RedirectResponse
    {
        Gate::authorize('update', $resolve);
        $save->remove($this->me(), $resolve);

        return $this->changed();
    }

    private function stretch(Workspace $workspace, string $name): PlanningSpan
    {
        return PlanningSpan::tryOf($workspace->calendar(), $name) ?? abort(404);
    }
}
