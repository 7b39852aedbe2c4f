<?php

declare(strict_types=1);

namespace App\Http\Controllers\Capture;

use App\Actions\Capture\SaveJot;
use App\Actions\Capture\SortMany;
use App\Http\Controllers\Controller;
use App\Http\Requests\Lines;
use App\Http\Requests\Refused;
use App\Http\Requests\TaskFields;
use App\Models\Area;
use App\Models\Jot;
use App\Models\Project;
use App\Models\Series;
use App\Queries\Capture\TrayPage;
use App\Store\RefusedChange;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

/** One's own tray, those of the areas and of the meetings: another person's is not there. */
final class TrayController extends Controller
{
    public function index(TrayPage $page): Response
    {
        return Inertia::render('capture/Tray', ['page' => $page->of($this->me())]);
    }

    /** What came in for an area: anybody sorts it. */
    public function ofArea(Area $area, TrayPage $page): Response
    {
        return Inertia::render('capture/Tray', ['page' => $page->of($this->me(), $area)]);
    }

    /** What came in for a meeting: whoever may know of the meeting sorts it. */
    public function ofSeries(Series $series, TrayPage $page): Response
    {
        return Inertia::render('capture/Tray', ['page' => $page->of($this->me(), $series)]);
    }

    public function storeForSeries(Request $request, Series $series, SaveJot $jots): RedirectResponse
    {
        $request->validate(Lines::rules('words', 2000), Lines::MESSAGES);
        $jots->keep($this->me(), implode("\n", Lines::in($request, 'words')), $series);

        return $this->changed();
    }

    public function store(Request $request, SaveJot $jots): RedirectResponse
    {
        $request->validate(['words' => ['required', 'string', 'max:2000'], ...Refused::RULES]);
        $jots->keep($this->me(), $request->string('words')->toString(), refused: Refused::in($request), chosen: Refused::chosen($request));

        return $this->changed();
    }

    public function many(Request $request, SortMany $sort): RedirectResponse
    {
        $request->validate([
            'jots' => ['required', 'array', 'min:1', 'max:200'],
            'jots.*' => ['integer', 'distinct'],
            'what' => ['required', Rule::in(['task', 'delete'])],
            'planned' => ['nullable', 'string', 'max:10'],
        ]);
        $ids = array_values(array_map(static fn(mixed $id): int => is_numeric($id) ? (int) $id : 0, $request->array('jots')));

        match ($request->string('what')->toString()) {
            'delete' => $sort->throwAway($this->me(), $ids),
            default => $sort->makeTasks($this->me(), $ids, $this->text($request, 'planned')),
        };

        return $this->changed();
    }

    public function makeTask(TaskFields $fields, Jot $jot, SaveJot $jots): RedirectResponse
    {
        $fields->validate(Refused::RULES);
        $draft = $fields->draft($jot->notes($fields->string('title')->toString()));
        $jots->makeTask($this->me(), $jot, $draft, Refused::in($fields), Refused::chosen($fields));

        return $this->changed();
    }

    public function makeProject(Request $request, Jot $jot, SaveJot $jots): RedirectResponse
    {
        $request->validate(['title' => ['required', 'string', 'max:200']]);
        $jots->makeProject($this->me(), $jot, $request->string('title')->toString());

        return $this->changed();
    }

    public function raise(Request $request, Jot $jot, SaveJot $jots): RedirectResponse
    {
        $request->validate(['title' => ['required', 'string', 'max:200'], 'series' => ['required', 'integer']]);
        $series = Series::query()->visibleTo($this->me())->find($request->integer('series'));
        $jots->raise(
            $this->me(),
            $jot,
            $series ?? throw new RefusedChange('series', 'This meeting no longer exists.'),
            $request->string('title')->toString(),
        );

        return $this->changed();
    }

    public function keepAsReference(Request $request, Jot $jot, SaveJot $jots): RedirectResponse
    {
        $request->validate(['project' => ['required', 'integer']]);
        $project = Project::query()->visibleTo($this->me())->find($request->integer('project'));
        $jots->keepAsReference($this->me(), $jot, $project ?? throw new RefusedChange('project', 'This project no longer exists.'));

        return $this->changed();
    }

    public function split(Request $request, Jot $jot, SaveJot $jots): RedirectResponse
    {
        $request->validate(['words' => ['required', 'string', 'max:2000']]);
        $jots->split($this->me(), $jot, $request->string('words')->toString());

        return $this->changed();
    }

    public function destroy(Jot $jot, SaveJot $jots): RedirectResponse
    {
        $jots->throwAway($this->me(), $jot);

        return $this->changed();
    }
}
