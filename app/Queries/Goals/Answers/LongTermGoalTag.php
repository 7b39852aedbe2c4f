<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Models\LongTermGoal;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

final readonly class LongTermGoalTag implements Props
{
    public function __construct(public int $id, public string $title, public ?string $why, public Day $on)
    {
    }

    public static function of(LongTermGoal $longTermGoal): self
    {
        return new self($longTermGoal->id, $longTermGoal->title, $longTermGoal->why, $longTermGoal->on);
    }
}
