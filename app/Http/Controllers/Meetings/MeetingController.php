<?php

declare(strict_types=1);

namespace App\Http\Controllers\Meetings;

use App\Actions\Meetings\CloseMeeting;
use App\Actions\Meetings\RunMeeting;
use App\Actions\Meetings\SettleItem;
use App\Http\Controllers\Controller;
use App\Http\Requests\Meanwhile;
use App\Http\Requests\ValidDay;
use App\Models\AgendaItem;
use App\Models\Attendance;
use App\Models\Meeting;
use App\Queries\Meetings\MeetingPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Meetings\Outcome;

final class MeetingController extends Controller
{
    public function show(Meeting $meeting, MeetingPage $page): Response
    {
        return Inertia::render('meetings/Meeting', ['page' => $page->of($meeting, $this->me())]);
    }

    public function turnTo(AgendaItem $item, RunMeeting $run): RedirectResponse
    {
        $run->turnTo($this->me(), $this->withMeeting($item));

        return back(303);
    }

    public function write(Request $request, AgendaItem $item, RunMeeting $run): RedirectResponse
    {
        Meanwhile::refuse($request, ['notes' => $item->notes]);
        $request->validate(['notes' => ['present', 'nullable', 'string', 'max:50000']]);
        $run->write($this->me(), $this->withMeeting($item), $this->text($request, 'notes'));

        return back(303);
    }

    public function attend(Request $request, Attendance $attendance, RunMeeting $run): RedirectResponse
    {
        $meeting = Meeting::query()->findOrFail($attendance->meeting_id);
        RunMeeting::refuseSealed($meeting);
        $request->validate(['wasThere' => ['required', 'boolean']]);
        $run->attend($this->me(), $attendance, $request->boolean('wasThere'));

        return back(303);
    }

    public function decide(Request $request, AgendaItem $item, SettleItem $settle): RedirectResponse
    {
        $request->validate(['words' => ['required', 'string', 'max:1000'], 'because' => ['nullable', 'string', 'max:1000']]);
        $settle->decide(
            $this->me(),
            $this->withMeeting($item),
            $request->string('words')->toString(),
            $request->filled('because') ? $request->string('because')->toString() : null,
        );

        return $this->changed();
    }

    public function nextStep(Request $request, AgendaItem $item, SettleItem $settle): RedirectResponse
    {
        $request->validate([
            'title' => ['required', 'string', 'max:200'],
            'owner' => ['required', 'integer', 'exists:people,id'],
            'by' => ['nullable', new ValidDay()],
            'project' => ['nullable', 'integer', 'exists:projects,id'],
        ]);
        $settle->nextStep(
            who: $this->me(),
            item: $this->withMeeting($item),
            title: $request->string('title')->toString(),
            owner: $request->integer('owner'),
            by: $request->filled('by') ? Day::of($request->string('by')->toString()) : null,
            project: $request->filled('project') ? $request->integer('project') : null,
        );

        return $this->changed();
    }

    public function settle(Request $request, AgendaItem $item, SettleItem $settle): RedirectResponse
    {
        $request->validate(['outcome' => ['present', 'nullable', Rule::enum(Outcome::class)]]);
        $settle->settle($this->me(), $this->withMeeting($item), $request->enum('outcome', Outcome::class));

        return $this->changed();
    }

    public function close(Request $request, Meeting $meeting, CloseMeeting $close): RedirectResponse
    {
        $request->validate(['summary' => ['nullable', 'string', 'max:5000']]);
        $close($this->me(), $meeting->load('series'), $request->filled('summary') ? $request->string('summary')->toString() : null);

        return $this->changed();
    }

    private function withMeeting(AgendaItem $item): AgendaItem
    {
        return $item->load(['meeting.series.meetings', 'issue']);
    }
}
