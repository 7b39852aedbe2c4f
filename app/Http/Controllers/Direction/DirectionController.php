<?php

declare(strict_types=1);

namespace App\Http\Controllers\Direction;

use App\Actions\Direction\SaveLongTermGoal;
use App\Actions\Direction\SavePeriodWords;
use App\Actions\Direction\SavePurpose;
use App\Actions\Goals\PlaceGoal;
use App\Http\Controllers\Controller;
use App\Http\Requests\Meanwhile;
use App\Http\Requests\ValidDay;
use App\Models\Goal;
use App\Models\LongTermGoal;
use App\Models\PeriodWords;
use App\Models\Workspace;
use App\Queries\Direction\DirectionPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;

/** Where we are going is for all to read and for the leads to say. */
final class DirectionController extends Controller
{
    public function show(DirectionPage $page, Workspace $workspace, ?Period $period = null): Response
    {
        $year = $period === null ? $workspace->calendar()->yearOf($workspace->today()) : $period;
        abort_unless($year->horizon === Horizon::Year, 404);

        return Inertia::render('direction/Direction', ['page' => $page->of($year, $this->me())]);
    }

    public function purpose(Request $request, SavePurpose $save, Workspace $workspace): RedirectResponse
    {
        Meanwhile::complete($request, ['purpose' => $workspace->purpose]);
        $request->validate(['purpose' => ['nullable', 'string', 'max:2000']]);
        $save($this->me(), $this->text($request, 'purpose'));

        return $this->changed();
    }

    public function saveWords(Request $request, Period $period, SavePeriodWords $say): RedirectResponse
    {
        Meanwhile::complete(
            $request,
            PeriodWords::query()
                ->firstWhere('period', $period->name)
                ?->only(['words', 'why']) ?? ['words' => null, 'why' => null],
        );
        $request->validate(['words' => ['nullable', 'string', 'max:200'], 'why' => ['nullable', 'string', 'max:2000']]);
        $say($this->me(), $period, $this->text($request, 'words'), $this->text($request, 'why'));

        return $this->changed();
    }

    public function storeLongTermGoal(Request $request, SaveLongTermGoal $save): RedirectResponse
    {
        return $this->saveLongTermGoal($request, $save, null);
    }

    public function updateLongTermGoal(Request $request, LongTermGoal $longTermGoal, SaveLongTermGoal $save): RedirectResponse
    {
        return $this->saveLongTermGoal($request, $save, $longTermGoal);
    }

    public function removeLongTermGoal(LongTermGoal $longTermGoal, SaveLongTermGoal $save): RedirectResponse
    {
        $save->remove($this->me(), $longTermGoal);

        return $this->changed();
    }

    public function place(Request $request, Goal $goal, PlaceGoal $place): RedirectResponse
    {
        $request->validate([
            'longTermGoal' => ['nullable', 'integer', 'exists:long_term_goals,id'],
            'quarters' => ['array', 'max:4'],
            'quarters.*' => ['integer', 'distinct', 'between:1,4'],
        ]);
        // One of them is said without the other.
        $place(
            $this->me(),
            $goal,
            $request->has('longTermGoal') ? $this->number($request, 'longTermGoal') : $goal->long_term_goal_id,
            $request->has('quarters') ? Meanwhile::ticked($request, 'quarters', $goal->quarters ?? []) : ($goal->quarters ?? []),
        );

        return $this->changed();
    }

    private function saveLongTermGoal(Request $request, SaveLongTermGoal $save, ?LongTermGoal $longTermGoal): RedirectResponse
    {
        Meanwhile::complete($request, $longTermGoal?->only(['title', 'on', 'why']) ?? []);
        $request->validate([
            'title' => ['required', 'string', 'max:200'],
            'on' => ['required', new ValidDay()],
            'why' => ['nullable', 'string', 'max:2000'],
        ]);
        $save(
            $this->me(),
            $request->string('title')->toString(),
            Day::of($request->string('on')->toString()),
            $this->text($request, 'why'),
            $longTermGoal,
        );

        return $this->changed();
    }
}
