<?php

declare(strict_types=1);

namespace App\Queries\Hours;

use App\Models\Person;
use App\Models\Task;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Span;

/** What a person got done in a span; its hours are accounted for by {@see DoneHours}. */
final readonly class DoneWork
{
    /** @return Builder<Task> */
    public static function in(Span $span, Person $person): Builder
    {
        return Task::query()
            ->where('owner_id', $person->id)
            ->whereBetween('done_on', [(string) $span->first, (string) $span->last]);
    }
}
