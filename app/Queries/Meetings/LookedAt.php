<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\AgendaItem;
use App\Models\StandingItem;
use App\Queries\Parts\Answers\Option;
use App\Queries\Plan\Threads;
use Loftrin\Core\Meetings\Shown;

/** What a meeting looks at together with an item: read and commented before, open in the room. */
final readonly class LookedAt
{
    /** Its address and the words of the link to it; null of nothing, and of what not everyone may see. */
    public static function of(AgendaItem|StandingItem $item, Threads $threads): ?Option
    {
        return match (true) {
            $item->project?->openTitle() !== null => new Option(route('projects.show', $item->project_id, false), 'Open the project'),
            $item->shows === Shown::Register => new Option(route('projects.index', absolute: false), 'Open the register'),
            $item->shows === Shown::TeamWeek => new Option(route('reviews.team-now', absolute: false), 'Open the team’s week'),
            $threads->titleOf($item->goal) !== null => new Option(route('goals.show', $item->goal_id, false), 'Open the goal'),
            default => null,
        };
    }
}
