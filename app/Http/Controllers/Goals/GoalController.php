<?php

declare(strict_types=1);

namespace App\Http\Controllers\Goals;

use App\Actions\Capture\EachLine;
use App\Actions\Goals\SaveGoal;
use App\Actions\Goals\TryChange;
use App\Http\Controllers\Controller;
use App\Http\Requests\GoalFields;
use App\Http\Requests\Lines;
use App\Models\Goal;
use App\Models\Workspace;
use App\Queries\Goals\Answers\YearFilter;
use App\Queries\Goals\GoalFormPage;
use App\Queries\Goals\GoalPage;
use App\Queries\Goals\YearPage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use Loftrin\Core\Calendar\Period;

final class GoalController extends Controller
{
    public function year(Request $request, YearPage $sheet, ?Period $period = null): Response
    {
        return Inertia::render('goals/Year', [
            'page' => $sheet->of($this->me(), $period, $this->asOf($request), YearFilter::from($request)),
        ]);
    }

    public function show(Request $request, Goal $goal, GoalPage $page): Response
    {
        return Inertia::render('goals/Goal', ['page' => $page->of($goal, $this->me(), $this->asOf($request))]);
    }

    public function create(Request $request, GoalFormPage $form): Response
    {
        $before = $request->filled('from') ? Goal::query()->visibleTo($this->me())->findOrFail($request->integer('from')) : null;

        return Inertia::render('goals/GoalForm', [
            'page' =>
                $before !== null
                    ? $form->successor($this->me(), $before)
                    : $form->blank(
                        $this->me(),
                        $request->filled('parent') ? $request->integer('parent') : null,
                        $this->text($request, 'period'),
                    ),
        ]);
    }

    public function store(GoalFields $fields, SaveGoal $save, EachLine $each): RedirectResponse
    {
        $goals = $each(
            $this->me(),
            Lines::in($fields, 'title'),
            'goals',
            fn(string $title): Goal => $save($this->me(), $fields->draft($title)),
        );

        return $this->changed($fields->boolean('stay') ? null : route('goals.show', $goals[0]));
    }

    public function edit(Goal $goal, GoalFormPage $form): Response
    {
        return Inertia::render('goals/GoalForm', ['page' => $form->filled($this->me(), $goal)]);
    }

    /** What the change would do to the figures; nothing is kept of it. */
    public function preview(GoalFields $fields, Goal $goal, TryChange $try, SaveGoal $save, Workspace $workspace): JsonResponse
    {
        $draft = $fields->draft();

        return response()->json(
            $try(
                $this->me(),
                $workspace->calendar()->period($goal->period),
                [$goal->id, $draft->parent],
                fn(): Goal => $save($this->me(), $draft, $goal->fresh()),
            ),
        );
    }

    /** What a new goal would do to the figures above it; nothing is kept of it. */
    public function previewNew(GoalFields $fields, TryChange $try, SaveGoal $save, Workspace $workspace): JsonResponse
    {
        $draft = $fields->draft();
        $calendar = $workspace->calendar();

        return response()->json(
            $try(
                $this->me(),
                $calendar->tryPeriod($draft->period) ?? $calendar->yearOf($workspace->today()),
                [$draft->parent],
                fn(): Goal => $save($this->me(), $draft),
            ),
        );
    }

    public function update(GoalFields $fields, Goal $goal, SaveGoal $save): RedirectResponse
    {
        $save($this->me(), $fields->draft(), $goal);

        return $this->changed(route('goals.show', $goal));
    }
}
