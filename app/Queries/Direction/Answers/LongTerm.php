<?php

declare(strict_types=1);

namespace App\Queries\Direction\Answers;

use App\Models\LongTermGoal;
use App\Models\Workspace;
use App\Queries\Goals\Answers\LongTermGoalTag;
use App\Queries\Props;

/** Why we do this and where we want to be, to be quietly in sight. */
final readonly class LongTerm implements Props
{
    /** @param list<LongTermGoalTag> $longTermGoals the next one first */
    public function __construct(public ?string $purpose, public array $longTermGoals)
    {
    }

    public static function of(Workspace $workspace): self
    {
        return new self(
            $workspace->purpose,
            array_values(LongTermGoal::query()->orderBy('on')->get()->map(LongTermGoalTag::of(...))->all()),
        );
    }
}
