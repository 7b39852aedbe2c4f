<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Queries\Props;

/** A goal that is to be closed, with what there is to say of it. */
final readonly class ClosingRow implements Props
{
    public function __construct(public GoalRow $goal, public bool $mayClose, public ClosingOffer $offer)
    {
    }
}
