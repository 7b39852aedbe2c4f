<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Props;
use Loftrin\Core\Goals\Result;

/** A goal of a period, with what its owner first said of its chance and how it ended. */
final readonly class PromisedGoal implements Props
{
    /**
     * @param ?int $estimate per cent, the first that its owner said in the period
     * @param ?Result $result null while it is open
     */
    public function __construct(public GoalRow $goal, public ?int $estimate, public ?Result $result)
    {
    }
}
