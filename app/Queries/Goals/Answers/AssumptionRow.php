<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

final readonly class AssumptionRow implements Props
{
    /** @param bool $isDue whether the day by which it is tested has come, and nothing was said yet */
    public function __construct(
        public int $id,
        public string $title,
        public PersonTag $person,
        public Day $testOn,
        public bool $isDue,
        public ?string $seen,
        public ?Day $seenOn,
    ) {
    }
}
