<?php

declare(strict_types=1);

namespace App\Http\Controllers\Direction;

use App\Actions\Direction\PlaceGoal;
use App\Actions\Direction\SaveOutlook;
use App\Actions\Direction\SavePurpose;
use App\Actions\Direction\SayOfPeriod;
use App\Http\Controllers\Controller;
use App\Http\Requests\Meanwhile;
use App\Http\Requests\ValidDay;
use App\Models\Goal;
use App\Models\Outlook;
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

    public function sayOf(Request $request, Period $period, SayOfPeriod $say): RedirectResponse
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

    public function storeOutlook(Request $request, SaveOutlook $save): RedirectResponse
    {
        return $this->saveOutlook($request, $save, null);
    }

    public function updateOutlook(Request $request, Outlook $outlook, SaveOutlook $save): RedirectResponse
    {
        return $this->saveOutlook($request, $save, $outlook);
    }

    public function removeOutlook(Outlook $outlook, SaveOutlook $save): RedirectResponse
    {
        $save->remove($this->me(), $outlook);

        return $this->changed();
    }

    public function place(Request $request, Goal $goal, PlaceGoal $place): RedirectResponse
    {
        $request->validate([
            'outlook' => ['nullable', 'integer', 'exists:outlooks,id'],
            'quarters' => ['array', 'max:4'],
            'quarters.*' => ['integer', 'distinct', 'between:1,4'],
        ]);
        /** @var list<int|string> $quarters */
        $quarters = array_values($request->array('quarters'));
        $place($this->me(), $goal, $request->filled('outlook') ? $request->integer('outlook') : null, array_map(intval(...), $quarters));

        return $this->changed();
    }

    private function saveOutlook(Request $request, SaveOutlook $save, ?Outlook $outlook): RedirectResponse
    {
        Meanwhile::complete($request, $outlook?->only(['title', 'on', 'why']) ?? []);
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
            $outlook,
        );

        return $this->changed();
    }
}
