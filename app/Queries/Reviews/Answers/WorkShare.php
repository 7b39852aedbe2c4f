<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Plan\Answers\Cord;
use App\Queries\Props;

/** Minutes that led to the goal at the top of a thread, or to none. */
final readonly class WorkShare implements Props
{
    /**
     * @param ?Cord $cord null of a goal of another year
     * @param ?string $title of the goal; null where they led to none
     */
    public function __construct(public ?Cord $cord, public int $minutes, public ?string $title)
    {
    }
}
