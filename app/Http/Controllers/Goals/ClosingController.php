<?php

declare(strict_types=1);

namespace App\Http\Controllers\Goals;

use App\Actions\Goals\CloseGoal;
use App\Actions\Goals\CloseGoals;
use App\Http\Controllers\Controller;
use App\Http\Requests\ClosingFields;
use App\Models\Goal;
use App\Queries\Goals\ClosingPage;
use App\Queries\Parts\PeriodTag;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Loftrin\Core\Calendar\Period;

/** Says what became of goals: of one, or of those of a period in one pass. */
final class ClosingController extends Controller
{
    public function show(Period $period, ClosingPage $page): Response
    {
        return Inertia::render('direction/Closing', ['page' => $page->of($period, $this->me())]);
    }

    public function store(Period $period, ClosingFields $fields, CloseGoals $close): RedirectResponse
    {
        $drafts = $fields->drafts();
        $goals = Goal::query()->visibleTo($this->me())->where('period', $period->name)->whereKey(array_keys($drafts))
            ->with(['owner', 'parent.admissions.circle.memberships', 'admissions.circle.memberships'])->get()->keyBy('id');
        abort_unless($goals->count() === count($drafts), 404);

        foreach ($goals as $goal) {
            Gate::authorize('update', $goal);
        }

        if ($drafts !== []) {
            $close($this->me(), PeriodTag::words($period), $goals->all(), $drafts);
        }

        return $this->changed();
    }

    public function close(ClosingFields $fields, Goal $goal, CloseGoal $close): RedirectResponse
    {
        $close($this->me(), $goal, $fields->draft());

        return $this->changed();
    }

    public function reopen(Goal $goal, CloseGoal $close): RedirectResponse
    {
        $close->reopen($this->me(), $goal);

        return $this->changed();
    }
}
