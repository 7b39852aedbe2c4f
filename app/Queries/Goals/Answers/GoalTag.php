<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Models\Goal;
use App\Queries\Props;

/** A goal as it is named elsewhere. */
final readonly class GoalTag implements Props
{
    public function __construct(public int $id, public string $title, public string $period)
    {
    }

    public static function of(Goal $goal): self
    {
        return new self($goal->id, $goal->title, $goal->period);
    }
}
