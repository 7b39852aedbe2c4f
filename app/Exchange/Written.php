<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Contribution;
use App\Models\RecurringTaskContribution;
use Loftrin\Core\Calendar\Day;

/** How the plan file writes what is stored. */
final class Written
{
    /**
     * @template T
     * @template R
     *
     * @param iterable<T> $records
     * @param callable(T): R $write
     *
     * @return list<R>
     */
    public static function each(iterable $records, callable $write): array
    {
        $written = [];

        foreach ($records as $record) {
            $written[] = $write($record);
        }

        return $written;
    }

    public static function isSaid(mixed $value): bool
    {
        return $value !== null && $value !== [];
    }

    /** @return array<string, Day> from when and until when a link holds, as far as it is dated */
    public static function dates(Contribution|RecurringTaskContribution $link): array
    {
        return [
            ...$link->from_on === null ? [] : ['from' => $link->from_on],
            ...$link->until_on === null ? [] : ['until' => $link->until_on],
        ];
    }

    public static function id(string $kind, ?int $id): ?string
    {
        return $id === null ? null : "$kind$id";
    }

    public static function number(float|int|string|null $value): float|int|null
    {
        return is_string($value) ? (float) $value : $value;
    }
}
