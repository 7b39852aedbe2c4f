<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Models\Task;
use Illuminate\Support\Str;
use Loftrin\Core\Work\Template\Change;

/** What a template says otherwise than a project took it, in words. */
final readonly class ChangeWords
{
    /** @param array<array-key, mixed> $titles of the template's tasks, by id */
    public static function of(Change $change, array $titles): string
    {
        if ($change->isNew() || $change->isGone()) {
            return $change->isNew() ? 'new' : 'gone';
        }

        return implode(
            ', ',
            array_map(
                static fn(string $field): string => match ($field) {
                    'title' => "was “{$change->was?->title}”",
                    'stage' => 'stage '.($change->was->stage ?? 'none').' → '.($change->is->stage ?? 'none'),
                    'role' => 'by '.($change->was->role ?? 'the owner').' → '.($change->is->role ?? 'the owner'),
                    'day' => 'day '.($change->was->day ?? '–').' → '.($change->is->day ?? '–'),
                    'minutes' => ($change->was->minutes ?? '–').' → '.($change->is->minutes ?? '–').' min',
                    'after' => self::order($change, $titles),
                    default => self::steps($change),
                },
                $change->fields,
            ),
        );
    }

    /** What has been done of an open task; null of one that nobody has begun. */
    public static function begun(Task $task): ?string
    {
        $ticked = $task->steps->whereNotNull('done_on')->count();
        $beside = array_sum(
            array_map(
                static fn(string $count): int => is_numeric($task->getAttribute($count)) ? (int) $task->getAttribute($count) : 0,
                ['comments_count', 'files_count', 'references_count'],
            ),
        );
        $words = [
            ...$task->in_progress_since === null ? [] : ['in progress'],
            ...$ticked === 0 ? [] : ["$ticked of {$task->steps->count()} steps done"],
            ...$beside === 0 ? [] : [$beside === 1 ? '1 comment or file' : "$beside comments or files"],
        ];

        return $task->done_on !== null || $task->dropped_on !== null || $words === [] ? null : implode(', ', $words);
    }

    /** @param array<array-key, mixed> $titles */
    private static function order(Change $change, array $titles): string
    {
        $named = static fn(array $ids): string => implode(
            ' and ',
            array_map(static function (int $id) use ($titles): string {
                $title = $titles[$id] ?? null;

                return is_string($title) ? '“'.Str::limit($title, 60, '…').'”' : 'a task that is gone';
            }, $ids),
        );
        [$added, $removed] = [$change->afterAdded(), $change->afterRemoved()];

        return implode('; ', [
            ...$added === [] ? [] : ["depends on {$named($added)}"],
            ...$removed === [] ? [] : ["no longer depends on {$named($removed)}"],
        ]);
    }

    private static function steps(Change $change): string
    {
        $words = [
            ...array_map(static fn(string $title): string => "+ {$title}", $change->stepsAdded()),
            ...array_map(static fn(string $title): string => "− {$title}", $change->stepsRemoved()),
        ];

        return $words === [] ? 'steps in another order' : implode(', ', $words);
    }
}
