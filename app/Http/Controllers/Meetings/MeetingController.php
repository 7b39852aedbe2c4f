<?php

declare(strict_types=1);

namespace App\Http\Controllers\Meetings;

use App\Actions\Meetings\CloseMeeting;
use App\Actions\Meetings\RunMeeting;
use App\Actions\Meetings\SendMinutes;
use App\Http\Controllers\Controller;
use App\Models\AgendaItem;
use App\Models\Attendance;
use App\Models\Issue;
use App\Models\Meeting;
use App\Queries\Meetings\MinutesPage;
use App\Queries\Meetings\RoomPage;
use App\Queries\Meetings\WhoIsHere;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** A meeting while it runs, and when it is closed. */
final class MeetingController extends Controller
{
    public function show(Meeting $meeting, RoomPage $room, MinutesPage $minutes): Response
    {
        return $meeting->closed_at === null
            ? Inertia::render('meetings/Room', ['page' => $room->of($meeting, $this->me())])
            : Inertia::render('meetings/Minutes', ['page' => $minutes->of($meeting, $this->me())]);
    }

    public function turnTo(AgendaItem $item, RunMeeting $run): RedirectResponse
    {
        $run->turnTo($this->me(), $item->load('meeting'));

        return back(303);
    }

    public function extend(Request $request, AgendaItem $item, RunMeeting $run): RedirectResponse
    {
        $request->validate(['minutes' => ['required', 'integer', 'between:1,120']]);
        $run->extend($this->me(), $item->load('meeting'), $request->integer('minutes'));

        return $this->changed();
    }

    public function move(Request $request, AgendaItem $item, RunMeeting $run): RedirectResponse
    {
        $request->validate(['before' => ['present', 'nullable', 'integer']]);
        $run->move($this->me(), $item->load('meeting'), $this->number($request, 'before'));

        return $this->changed();
    }

    public function takeUp(Meeting $meeting, Issue $issue, RunMeeting $run): RedirectResponse
    {
        $run->takeUp($this->me(), $meeting, $issue);

        return $this->changed();
    }

    public function pause(Request $request, Meeting $meeting, RunMeeting $run): RedirectResponse
    {
        $request->validate(['isPaused' => ['required', 'boolean']]);
        $run->pause($this->me(), $meeting, $request->boolean('isPaused'));

        return back(303);
    }

    public function attend(Request $request, Attendance $attendance, RunMeeting $run): RedirectResponse
    {
        $meeting = Meeting::query()->findOrFail($attendance->meeting_id);
        RunMeeting::refuseFinal($meeting);
        $request->validate(['wasThere' => ['required', 'boolean']]);
        $run->attend($this->me(), $attendance, $request->boolean('wasThere'));

        return back(303);
    }

    /** Each open page says every few seconds that it is there, and hears who else is. */
    public function beHere(Request $request, Meeting $meeting, WhoIsHere $here): JsonResponse
    {
        $request->validate([
            'browser' => ['required', 'uuid'],
            'unsent' => ['required', 'integer', 'between:0,10000'],
            'leaves' => ['boolean'],
        ]);

        if ($request->boolean('leaves')) {
            WhoIsHere::leave($meeting, $request->string('browser')->toString());
        } else {
            WhoIsHere::note($meeting, $this->me(), $request->string('browser')->toString(), $request->integer('unsent'));
        }

        return new JsonResponse($here->now($meeting, $this->me()));
    }

    public function announceClosing(Request $request, Meeting $meeting, CloseMeeting $close): RedirectResponse
    {
        $request->validate(['isClosing' => ['required', 'boolean']]);
        $close->announce($this->me(), $meeting->load('series'), $request->boolean('isClosing'));

        return back(303);
    }

    public function close(Request $request, Meeting $meeting, CloseMeeting $close): RedirectResponse
    {
        $request->validate(['summary' => ['nullable', 'string', 'max:5000'], 'waits' => ['boolean']]);
        $close($this->me(), $meeting->load('series'), $this->text($request, 'summary'), $request->boolean('waits', true));

        return $this->changed();
    }

    public function send(Meeting $meeting, SendMinutes $send): RedirectResponse
    {
        $send($meeting);

        return back(303);
    }
}
