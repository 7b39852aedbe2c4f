<?php

declare(strict_types=1);

namespace App\Actions\Day;

use Loftrin\Core\Day\HabitPer;

/** A habit as it was entered. */
final readonly class HabitDraft
{
    /** @param list<string> $weekdays names of those on which a daily one counts; all when empty */
    public function __construct(public string $title, public HabitPer $per, public int $times, public array $weekdays, public ?int $goal)
    {
    }
}
