<?php

declare(strict_types=1);

namespace App\Queries\Lists\Answers;

use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;

/** A person's open tasks on one scale, from late to not scheduled. */
final readonly class DateView implements Props
{
    /**
     * @param list<DateStep> $steps those that hold something, and the days of what is left of this week
     * @param list<ListCount> $lists the other lists, with their counts
     * @param list<SavedTag> $saved one's own and shared ones
     * @param list<PersonTag> $people
     */
    public function __construct(
        public string $week,
        public array $steps,
        public int $count,
        public int $minutes,
        public array $lists,
        public array $saved,
        public array $people,
    ) {
    }
}
