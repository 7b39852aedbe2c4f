<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Calendar\FrameQuery;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Choices;
use App\Store\Stamp;
use App\Store\StampAlone;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Middleware;
use Loftrin\Core\Calendar\Period;

/** Gives every screen its frame. */
final class HandleInertiaRequests extends Middleware
{
    protected $rootView = 'app';

    public function share(Request $request): array
    {
        $me = $request->user();

        return [
            ...parent::share($request),
            'frame' => $me instanceof Person ? fn() => app(FrameQuery::class)->of($me, $this->periodOf($request)) : null,
            // Asked for only when somebody is about to move a task.
            'places' => Inertia::optional(static fn(): array => $me instanceof Person ? app(Choices::class)->projects($me) : []),
            'served' => Inertia::optional(static fn(): array => $me instanceof Person ? app(Choices::class)->goals($me) : []),
            'shared' => Inertia::optional(static fn(): array => app(Choices::class)->shared()),
            'everybody' => Inertia::optional(static fn(): array => $me instanceof Person ? PersonTag::all() : []),
            // The minute that it is in the workspace: what has passed by then says so.
            'now' => static fn(): string => app(Workspace::class)->now()->format('H:i'),
            // Names the state that the page shows: while it is the same, nothing was changed.
            'stamp' => static fn(): string => app(Stamp::class)->current(),
            // By which it asks whether that is still so.
            'asks' => static fn(): string => $me instanceof Person ? StampAlone::token(config()->string('app.key')) : '',
            'problem' => static fn() => $request->session()->get('problem'),
        ];
    }

    private function periodOf(Request $request): ?Period
    {
        foreach (['period', 'week'] as $name) {
            $period = $request->route($name);

            if ($period instanceof Period) {
                return $period;
            }
        }

        return null;
    }
}
