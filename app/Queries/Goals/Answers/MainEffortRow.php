<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;

final readonly class MainEffortRow implements Props
{
    /**
     * @param ?string $hours meant for it, a week
     * @param ?int $minutes of it that were done in the week that is shown; null where none is shown
     * @param ?int $share of the work of that week, in per cent; null where nothing was done
     * @param list<string> $comesBack recurring tasks that are work on it, with their rhythm
     */
    public function __construct(
        public int $id,
        public string $title,
        public PersonTag $person,
        public ?string $hours,
        public ?int $minutes = null,
        public ?int $share = null,
        public array $comesBack = [],
    ) {
    }
}
