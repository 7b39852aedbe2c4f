<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\AgendaItem;
use App\Models\Decision;
use App\Models\Meeting;
use App\Models\Task;
use App\Models\Visibility;
use Loftrin\Core\Meetings\Outcome;

/** A summary to begin with, from what was decided, what follows, and what was postponed. The minute-taker edits it. */
final readonly class SummaryDraft
{
    /** @param Meeting $meeting with its items, their decisions and next steps */
    public static function of(Meeting $meeting): string
    {
        $decided = $meeting->items->flatMap->decisions->map(static fn(Decision $decision): string => self::sentence($decision->words));
        $steps = $meeting->items->flatMap->nextSteps
            ->filter(static fn(Task $task): bool => $meeting->series->is_private || $task->visibility !== Visibility::OnlyMe)
            ->map(static fn(Task $task): string => "{$task->owner->name}: ".self::sentence($task->title));
        $postponed = $meeting->items
            ->where('outcome', Outcome::NextTime)
            ->map(static fn(AgendaItem $item): string => self::sentence($item->title));

        return implode(
            "\n\n",
            array_filter(
                [
                    self::part('Decided:', $decided->all()),
                    self::part('Next steps:', $steps->all()),
                    self::part('Postponed:', $postponed->all()),
                ],
                static fn(string $part): bool => $part !== '',
            ),
        );
    }

    /** @param array<string> $lines */
    private static function part(string $heading, array $lines): string
    {
        return $lines === [] ? '' : implode("\n", [$heading, ...$lines]);
    }

    private static function sentence(string $words): string
    {
        return preg_match('/[.!?…]$/u', $words) === 1 ? $words : "$words.";
    }
}
