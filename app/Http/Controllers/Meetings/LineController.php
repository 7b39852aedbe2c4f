<?php

declare(strict_types=1);

namespace App\Http\Controllers\Meetings;

use App\Actions\Meetings\RunMeeting;
use App\Actions\Meetings\WriteLine;
use App\Http\Controllers\Controller;
use App\Http\Requests\Meanwhile;
use App\Models\AgendaItem;
use App\Models\Meeting;
use App\Models\NoteLine;
use App\Models\PrivateNote;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What is written in a meeting: lines of notes, notes of one's own, additions to final minutes. */
final class LineController extends Controller
{
    public function write(Request $request, AgendaItem $item, WriteLine $write): RedirectResponse
    {
        $request->validate([
            'key' => ['required', 'uuid'],
            'words' => ['present', 'nullable', 'string', 'max:2000'],
            'version' => ['required', 'integer', 'between:1,1000000'],
        ]);
        $words = $request->input('words');
        $write(
            $this->me(),
            $item->load('meeting.series'),
            $request->string('key')->toString(),
            is_string($words) ? $words : '',
            $request->integer('version'),
        );

        return back(303);
    }

    public function correct(Request $request, NoteLine $noteLine, WriteLine $write): RedirectResponse
    {
        Meanwhile::refuse($request, ['words' => $noteLine->words]);
        $request->validate(['words' => ['required', 'string', 'max:2000']]);
        $write->correct($this->me(), $noteLine->load('agendaItem.meeting'), $request->string('words')->toString());

        return $this->changed();
    }

    public function remove(NoteLine $noteLine, WriteLine $write): RedirectResponse
    {
        $write->remove($this->me(), $noteLine->load('agendaItem.meeting'));

        return $this->changed();
    }

    public function add(Request $request, Meeting $meeting, WriteLine $write): RedirectResponse
    {
        $request->validate(['words' => ['required', 'string', 'max:2000']]);
        $write->add($this->me(), $meeting->load('series'), $request->string('words')->toString());

        return $this->changed();
    }

    public function noteForOneself(Request $request, AgendaItem $item, RunMeeting $run): RedirectResponse
    {
        $there = PrivateNote::query()->where('agenda_item_id', $item->id)->where('person_id', $this->me()->id)->value('words');
        Meanwhile::refuse($request, ['words' => is_string($there) ? $there : '']);
        $request->validate(['words' => ['present', 'nullable', 'string', 'max:20000']]);
        $run->noteForOneself($this->me(), $item, (string) $this->text($request, 'words'));

        return back(303);
    }
}
