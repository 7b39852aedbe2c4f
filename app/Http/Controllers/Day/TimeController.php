<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Actions\Day\TakeTime;
use App\Http\Controllers\Controller;
use App\Http\Requests\ValidDay;
use App\Models\Absence;
use App\Models\Appointment;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Loftrin\Core\Calendar\Day;

/** Appointments, and days away. */
final class TimeController extends Controller
{
    public function appoint(Request $request, TakeTime $time, ?Appointment $appointment = null): RedirectResponse
    {
        $request->validate([
            'title' => ['required', 'string', 'max:200'],
            'on' => ['required', new ValidDay()],
            'at' => ['required', 'date_format:H:i'],
            'minutes' => ['required', 'integer', 'between:1,1440'],
        ]);
        $time->appoint(
            $this->me(),
            $appointment,
            $request->string('title')->toString(),
            Day::of($request->string('on')->toString()),
            $request->string('at')->toString(),
            $request->integer('minutes'),
        );

        return $this->changed();
    }

    public function free(Appointment $appointment, TakeTime $time): RedirectResponse
    {
        $time->free($this->me(), $appointment);

        return $this->changed();
    }

    public function leave(Request $request, TakeTime $time): RedirectResponse
    {
        $request->validate(['first' => ['required', new ValidDay()], 'last' => ['required', new ValidDay()]]);
        $time->leave($this->me(), Day::of($request->string('first')->toString()), Day::of($request->string('last')->toString()));

        return $this->changed();
    }

    public function comeBack(Absence $absence, TakeTime $time): RedirectResponse
    {
        $time->comeBack($this->me(), $absence);

        return $this->changed();
    }
}
