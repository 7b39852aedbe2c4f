<?php

declare(strict_types=1);

namespace App\Queries\Direction\Answers;

use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;

/** What a person has promised for a stretch. */
final readonly class LoadRow implements Props
{
    /**
     * @param int $planned minutes
     * @param int $available minutes
     * @param bool $isOver more is planned than fits
     * @param bool $hasMany more goals than anybody carries
     */
    /** @param int $unestimated goals for which no work is estimated: it is in no load */
    public function __construct(
        public PersonTag $person,
        public int $goals,
        public int $unestimated,
        public int $planned,
        public int $available,
        public bool $isOver,
        public bool $hasMany,
    ) {
    }
}
