<?php

declare(strict_types=1);

namespace App\Http\Controllers\Goals;

use App\Actions\Goals\CloseGoal;
use App\Actions\Goals\CloseGoals;
use App\Http\Controllers\Controller;
use App\Http\Requests\ClosingFields;
use App\Models\Goal;
use App\Models\Workspace;
use App\Queries\Goals\ClosingPage;
use App\Queries\Parts\PeriodTag;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** Says what became of goals: of one, or of those of a period in one pass. */
final class ClosingController extends Controller
{
    public function show(string $period, ClosingPage $page, Workspace $workspace): Response
    {
        return Inertia::render('direction/Closing', ['page' => $page->of($workspace->calendar()->tryPeriod($period) ?? abort(404), $this->me())]);
    }

    public function store(string $period, ClosingFields $fields, CloseGoals $close, Workspace $workspace): RedirectResponse
    {
        $of = $workspace->calendar()->tryPeriod($period) ?? abort(404);
        $drafts = $fields->drafts();
        $goals = Goal::query()->visibleTo($this->me())->where('period', $of->name)->whereKey(array_keys($drafts))
            ->with(['owner', 'parent.admissions.circle.memberships', 'admissions.circle.memberships'])->get()->keyBy('id');
        abort_unless($goals->count() === count($drafts), 404);

        foreach ($goals as $goal) {
            Gate::authorize('update', $goal);
        }

        if ($drafts !== []) {
            $close($this->me(), PeriodTag::words($of), $goals->all(), $drafts);
        }

        return $this->changed();
    }

    public function close(ClosingFields $fields, Goal $goal, CloseGoal $close): RedirectResponse
    {
        Gate::authorize('update', $goal);
        $close($this->me(), $goal, $fields->draft());

        return $this->changed();
    }

    public function reopen(Goal $goal, CloseGoal $close): RedirectResponse
    {
        Gate::authorize('update', $goal);
        $close->reopen($this->me(), $goal);

        return $this->changed();
    }
}
