<?php

declare(strict_types=1);

namespace App\Http\Controllers\Meetings;

use App\Actions\Meetings\OpenMeeting;
use App\Actions\Meetings\RaiseIssue;
use App\Actions\Meetings\SaveSeries;
use App\Http\Controllers\Controller;
use App\Http\Requests\SeriesFields;
use App\Http\Requests\ValidDay;
use App\Models\Issue;
use App\Models\Series;
use App\Queries\Meetings\MeetingsPage;
use App\Queries\Meetings\SeriesFormPage;
use App\Queries\Meetings\SeriesPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Meetings\Need;
use Loftrin\Core\Work\Rank;

final class SeriesController extends Controller
{
    public function index(MeetingsPage $page): Response
    {
        return Inertia::render('meetings/Meetings', ['page' => $page->of($this->me())]);
    }

    public function show(Request $request, Series $series, SeriesPage $page): Response
    {
        return Inertia::render('meetings/Series', ['page' => $page->of($series, $this->me(), $request->boolean('all'))]);
    }

    public function create(SeriesFormPage $form): Response
    {
        return Inertia::render('meetings/SeriesForm', ['page' => $form->blank($this->me())]);
    }

    public function store(SeriesFields $fields, SaveSeries $save): RedirectResponse
    {
        $series = $save($this->me(), $fields->draft());

        return $this->changed(route('series.show', $series));
    }

    public function edit(Series $series, SeriesFormPage $form): Response
    {
        return Inertia::render('meetings/SeriesForm', ['page' => $form->filled($this->me(), $series)]);
    }

    public function update(SeriesFields $fields, Series $series, SaveSeries $save): RedirectResponse
    {
        $save($this->me(), $fields->draft(), $series);

        return $this->changed(route('series.show', $series));
    }

    public function open(Request $request, Series $series, OpenMeeting $open): RedirectResponse
    {
        $request->validate(['on' => ['required', new ValidDay()]]);
        $meeting = $open($this->me(), $series, Day::of($request->string('on')->toString()));

        return $this->changed(route('meetings.show', $meeting));
    }

    public function raise(Request $request, Series $series, RaiseIssue $raise): RedirectResponse
    {
        $request->validate([
            'title' => ['required', 'string', 'max:200'],
            'context' => ['nullable', 'string', 'max:5000'],
            'need' => ['nullable', Rule::enum(Need::class)],
            'rank' => ['nullable', Rule::enum(Rank::class)],
            'minutes' => ['nullable', 'integer', 'between:1,600'],
            'goal' => ['nullable', 'integer'],
            'project' => ['nullable', 'integer', 'exists:projects,id'],
        ]);
        $raise(
            $this->me(),
            $series,
            $request->string('title')->toString(),
            $request->filled('context') ? $request->string('context')->toString() : null,
            $request->enum('need', Need::class) ?? Need::Decision,
            $request->enum('rank', Rank::class),
            $request->filled('minutes') ? $request->integer('minutes') : null,
            $request->filled('goal') ? $request->integer('goal') : null,
            $request->filled('project') ? $request->integer('project') : null,
        );

        return $this->changed();
    }

    public function withdraw(Issue $issue, RaiseIssue $raise): RedirectResponse
    {
        $raise->withdraw($this->me(), $issue);

        return $this->changed();
    }
}
