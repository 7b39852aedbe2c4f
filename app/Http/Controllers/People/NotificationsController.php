<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Actions\People\ChooseDelivery;
use App\Http\Controllers\Controller;
use App\Models\Delivery;
use App\Models\NotificationEvent;
use App\Queries\People\NotificationsPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

/** What reaches somebody, where they hear of it, and the letters that were sent. */
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
}
