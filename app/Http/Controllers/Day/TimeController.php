<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Actions\Day\TakeTime;
use App\Http\Controllers\Controller;
use App\Http\Requests\Meanwhile;
use App\Http\Requests\ValidDay;
use App\Models\Absence;
use App\Models\Appointment;
use App\Models\ProtectedHours as StoredHours;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Weekday;
use Loftrin\Core\Day\HoursKind;
use Loftrin\Core\Day\ProtectedHours;

/** Appointments, days away, protected hours. */
final class TimeController extends Controller
{
    public function appoint(Request $request, TakeTime $time, ?Appointment $appointment = null): RedirectResponse
    {
        Meanwhile::complete($request, $appointment?->only(['title', 'on', 'at', 'minutes']) ?? []);
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

        return $this->changed()->with('problem', $this->warning($request));
    }

    /** What the appointment goes against: it is kept, and warned of. */
    private function warning(Request $request): ?string
    {
        $against = ProtectedHours::against(
            array_values(
                StoredHours::query()
                    ->of($this->me()->id)
                    ->get()
                    ->map(static fn(StoredHours $hours): ProtectedHours => $hours->hours())
                    ->all(),
            ),
            Day::of($request->string('on')->toString())->weekday(),
            $request->string('at')->toString(),
            $request->integer('minutes'),
        );

        return $against === null ? null : "Saved, although $against.";
    }

    public function protect(Request $request, TakeTime $time): RedirectResponse
    {
        $request->validate([
            'weekdays' => ['required', 'array', 'min:1', 'max:7'],
            'weekdays.*' => ['distinct', Rule::in(Weekday::labels())],
            'from' => ['required', 'date_format:H:i'],
            'until' => ['required', 'date_format:H:i'],
            'kind' => ['required', Rule::enum(HoursKind::class)],
        ]);
        $time->protect(
            $this->me(),
            array_values(array_filter(array_map(Weekday::tryNamed(...), array_filter($request->array('weekdays'), is_string(...))))),
            $request->string('from')->toString(),
            $request->string('until')->toString(),
            HoursKind::from($request->string('kind')->toString()),
        );

        return $this->changed();
    }

    public function release(StoredHours $protectedHours, TakeTime $time): RedirectResponse
    {
        $time->release($this->me(), $protectedHours);

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
