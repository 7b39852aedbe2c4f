<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Actions\People\ChooseDelivery;
use App\Actions\People\SetReminder;
use App\Http\Controllers\Controller;
use App\Http\Requests\ValidDay;
use App\Models\Delivery;
use App\Models\NotificationEvent;
use App\Models\Reminder;
use App\Models\ReminderKind;
use App\Queries\People\NotificationsPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Loftrin\Core\Calendar\Day;

/** What reaches somebody: reminders, and where they hear of what others do. */
final class NotificationsController extends Controller
{
    public function show(NotificationsPage $page): Response
    {
        return Inertia::render('people/Notifications', ['page' => $page->of($this->me())]);
    }

    public function choose(Request $request, ChooseDelivery $choose): RedirectResponse
    {
        $request->validate([
            'event' => ['required', Rule::enum(NotificationEvent::class)],
            'delivery' => ['required', Rule::enum(Delivery::class)],
        ]);
        $choose(
            $this->me(),
            NotificationEvent::from($request->string('event')->toString()),
            Delivery::from($request->string('delivery')->toString()),
        );

        return $this->changed();
    }

    public function store(Request $request, SetReminder $set): RedirectResponse
    {
        $request->validate([
            'words' => ['required', 'string', 'max:200'],
            'kind' => ['required', Rule::enum(ReminderKind::class)],
            'on' => ['required', new ValidDay()],
            'at' => ['nullable', 'date_format:H:i'],
        ]);
        $set->set(
            $this->me(),
            $request->string('words')->toString(),
            ReminderKind::from($request->string('kind')->toString()),
            Day::of($request->string('on')->toString()),
            $this->text($request, 'at'),
        );

        return $this->changed();
    }

    public function putOff(Request $request, Reminder $reminder, SetReminder $set): RedirectResponse
    {
        $request->validate(['on' => ['required', new ValidDay()]]);
        $set->putOff($this->me(), $reminder, Day::of($request->string('on')->toString()));

        return $this->changed();
    }

    public function settle(Request $request, Reminder $reminder, SetReminder $set): RedirectResponse
    {
        $request->validate(['yes' => ['boolean']]);

        if ($request->boolean('yes') && $reminder->kind === ReminderKind::Ask) {
            return $this->changed(route('projects.show', $set->accept($this->me(), $reminder)));
        }

        $set->settle($this->me(), $reminder);

        return $this->changed();
    }

    public function remove(Reminder $reminder, SetReminder $set): RedirectResponse
    {
        $set->remove($this->me(), $reminder);

        return $this->changed();
    }
}
