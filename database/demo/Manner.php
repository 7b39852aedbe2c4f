<?php

declare(strict_types=1);

namespace Database\Demo;

/** How and where a task is done, by how its title begins. */
final class Manner
{
    private const ATTENTION = [
        'Quote for' => 'full', 'Write' => 'full', 'Work out' => 'full', 'Draw' => 'full', 'Order' => 'little',
        'Send' => 'little', 'Ring' => 'little', 'Book' => 'little',
    ];

    private const PLACES = [
        'Moor' => 'at sea', 'Survey' => 'at the harbour', 'Hand over at' => 'at the harbour', 'Lift' => 'at sea', 'Ring' => 'telephone',
        'Run' => 'workshop', 'Open three' => 'workshop', 'Cycle' => 'workshop', 'Visit' => 'on the road',
    ];

    public static function focus(string $title): ?string
    {
        return self::first(self::ATTENTION, $title);
    }

    public static function place(string $title): ?string
    {
        return self::first(self::PLACES, $title);
    }

    /** @param array<string, string> $words by how titles begin */
    private static function first(array $words, string $title): ?string
    {
        foreach ($words as $begin => $word) {
            if (str_starts_with($title, $begin)) {
                return $word;
            }
        }

        return null;
    }
}
