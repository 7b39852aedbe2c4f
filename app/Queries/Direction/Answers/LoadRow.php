<?php

declare(strict_types=1);

namespace App\Queries\Direction\Answers;

use App\Models\Person;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;
use Loftrin\Core\Work\Capacity;

/** What a person has promised for a stretch. */
final readonly class LoadRow implements Props
{
    /**
     * @param int $unestimated goals for which no work is estimated: it is in no load
     * @param int $planned minutes, with those meant for main efforts
     * @param int $efforts of these, what is meant for main efforts and in none of their tasks; 0 where others look
     * @param int $available minutes
     * @param bool $isOver more is planned than fits
     * @param bool $hasMany more goals than anybody carries
     */
    private function __construct(
        public PersonTag $person,
        public int $goals,
        public int $unestimated,
        public int $planned,
        public int $efforts,
        public int $available,
        public bool $isOver,
        public bool $hasMany,
    ) {
    }

    /** @param ?int $known minutes that are taken by what all may know of, where others look: they see free time rounded down */
    public static function of(Person $person, Capacity $capacity, int $goals, int $unestimated, ?int $known): self
    {
        $free = $known === null ? $capacity->free() : $capacity->freeToOthers();
        $available = $known === null ? $capacity->available() : max(0, $capacity->hours - $known);

        return new self(
            person: PersonTag::of($person),
            goals: $goals,
            unestimated: $unestimated,
            planned: $available - $free,
            efforts: $known === null ? $capacity->efforts : 0,
            available: $available,
            isOver: $capacity->isOver(),
            hasMany: Capacity::areMany($goals),
        );
    }
}
