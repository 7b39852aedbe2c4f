<?php

declare(strict_types=1);

namespace App\Http\Controllers\Goals;

use App\Actions\Goals\CloseGoal;
use App\Actions\Goals\CloseGoals;
use App\Actions\Goals\ClosingDraft;
use App\Actions\Goals\TryChange;
use App\Actions\Undo\ReopenGoal;
use App\Http\Controllers\Controller;
use App\Http\Requests\ClosingFields;
use App\Models\Goal;
use App\Models\Workspace;
use App\Queries\Goals\ClosingPage;
use App\Queries\Parts\Answers\PeriodTag;
use Illuminate\Http\JsonResponse;
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
        $goals = $this->goals($period, $drafts);

        if ($drafts !== []) {
            $close($this->me(), PeriodTag::words($period), $goals, $drafts);
        }

        return $this->changed();
    }

    /** What closing them so would do to the figures; nothing is kept of it. */
    public function previewAll(Period $period, ClosingFields $fields, CloseGoals $close, TryChange $try): JsonResponse
    {
        $drafts = $fields->drafts();
        $goals = $this->goals($period, $drafts);

        return response()->json(
            $try($this->me(), $period, array_keys($goals), fn() => $close($this->me(), PeriodTag::words($period), $goals, $drafts)),
        );
    }

    public function preview(ClosingFields $fields, Goal $goal, CloseGoal $close, TryChange $try, Workspace $workspace): JsonResponse
    {
        $draft = $fields->draft();

        return response()->json(
            $try(
                $this->me(),
                $workspace->calendar()->period($goal->period),
                [$goal->id],
                fn(): array => $close($this->me(), $goal, $draft),
            ),
        );
    }

    public function close(ClosingFields $fields, Goal $goal, CloseGoal $close): RedirectResponse
    {
        $close($this->me(), $goal, $fields->draft());

        return $this->changed();
    }

    public function reopen(Goal $goal, ReopenGoal $reopen): RedirectResponse
    {
        $reopen($this->me(), $goal);

        return $this->changed();
    }

    /**
     * @param array<int, ClosingDraft> $drafts by goal
     *
     * @return array<int, Goal> those of the period that may be closed so, by id
     */
    private function goals(Period $period, array $drafts): array
    {
        $goals = Goal::query()
            ->visibleTo($this->me())
            ->where('period', $period->name)
            ->whereKey(array_keys($drafts))
            ->with(['owner', 'parent.viewers.group.memberships', 'viewers.group.memberships'])
            ->get()
            ->keyBy('id');
        abort_unless($goals->count() === count($drafts), 404);

        foreach ($goals as $goal) {
            Gate::authorize('update', $goal);
        }

        return $goals->all();
    }
}
