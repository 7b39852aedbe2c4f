<?php

declare(strict_types=1);

namespace App\Queries\Day;

use App\Models\Person;
use App\Models\PersonDay;
use App\Models\Workspace;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Day\TimeAway;

/** The stretch that a person has missed, by the days on which they changed something. */
final readonly class Away
{
    /** So many days on which something was changed tell it: more lie within the time in which it is asked about than that. */
    private const DAYS = 10;

    public function __construct(private Workspace $workspace)
    {
    }

    public function of(Person $person): ?Span
    {
        $days = DB::table('changes')
            ->where('person_id', $person->id)
            ->selectRaw('distinct date(made_at) as day')
            ->orderByDesc('day')
            ->limit(self::DAYS)
            ->pluck('day')
            ->map(static fn(mixed $day): ?Day => is_string($day) ? Day::tryOf(substr($day, 0, 10)) : null)
            ->filter()
            ->values()
            ->all();
        $caughtUp = PersonDay::query()->where('person_id', $person->id)->where('is_caught_up', true)->orderByDesc('on')->first();

        return TimeAway::of(array_values($days), $this->workspace->today(), $caughtUp?->on);
    }
}
