<?php

declare(strict_types=1);

namespace App\Http\Controllers\Meetings;

use App\Actions\Meetings\ArrangeAgenda;
use App\Actions\Meetings\ChangeOccasion;
use App\Actions\Meetings\OpenMeeting;
use App\Actions\Meetings\SaveSeries;
use App\Http\Controllers\Controller;
use App\Http\Requests\SeriesFields;
use App\Http\Requests\ValidDay;
use App\Models\Series;
use App\Queries\Meetings\MeetingsPage;
use App\Queries\Meetings\SeriesFormPage;
use App\Queries\Meetings\SeriesPage;
use App\Queries\Meetings\SeriesRecordPage;
use App\Queries\Parts\Choices;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use Loftrin\Core\Calendar\Day;

final class SeriesController extends Controller
{
    public function index(MeetingsPage $page): Response
    {
        return Inertia::render('meetings/Meetings', ['page' => $page->of($this->me())]);
    }

    /** The meetings in which something can be raised. */
    public function choices(Choices $choices): JsonResponse
    {
        return new JsonResponse($choices->meetings($this->me()));
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
        $request->validate(['on' => ['required', new ValidDay()], 'early' => ['boolean']]);
        $meeting = $open($this->me(), $series, Day::of($request->string('on')->toString()), $request->boolean('early'));

        return $this->changed(route('meetings.show', $meeting));
    }

    /** Moves or cancels one meeting of the series. */
    public function change(Request $request, Series $series, Day $day, ChangeOccasion $change): RedirectResponse
    {
        $request->validate([
            'movedTo' => ['present', 'nullable', new ValidDay()],
            'time' => ['nullable', 'date_format:H:i'],
            'reason' => ['nullable', 'string', 'max:200'],
        ]);
        $change(
            who: $this->me(),
            series: $series,
            on: $day,
            to: ValidDay::read($request->input('movedTo')),
            time: $this->text($request, 'time'),
            reason: $this->text($request, 'reason'),
        );

        return $this->changed();
    }

    /** Gives the issues of the next meeting an order by hand; none for the one that is worked out. */
    public function arrange(Request $request, Series $series, ArrangeAgenda $arrange): RedirectResponse
    {
        $request->validate([
            'issues' => ['present', 'array', 'max:500'],
            'issues.*' => ['integer', 'distinct'],
            'seen' => ['array', 'max:500'],
            'seen.*' => ['integer'],
        ]);
        $ids = static fn(string $field): array => array_values(array_map(intval(...), $request->array($field)));
        $arrange($this->me(), $series, $ids('issues'), $ids('seen'));

        return $this->changed();
    }

    public function restore(Series $series, Day $day, ChangeOccasion $change): RedirectResponse
    {
        $change->restore($this->me(), $series, $day);

        return $this->changed();
    }

    public function record(Series $series, SeriesRecordPage $page): Response
    {
        return Inertia::render('meetings/Record', ['page' => $page->of($series)]);
    }
}
