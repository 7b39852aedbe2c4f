<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;

/** What could go, and whether what is open grows less. */
final readonly class ThinningView implements Props
{
    /**
     * @param list<OpenAtEnd> $months the oldest first
     * @param list<LeftOver> $leftOver
     * @param list<PersonTag> $people
     */
    public function __construct(public array $months, public array $leftOver, public array $people, public AheadWeek $ahead)
    {
    }
}
