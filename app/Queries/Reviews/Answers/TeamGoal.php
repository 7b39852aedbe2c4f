<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Goals\Answers\GoalRow;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** A goal as the team looks at it in a week: where it stands, how far it moved, and what its owner says. */
final readonly class TeamGoal implements Props
{
    /**
     * @param ?float $change in points since the week before; null with nothing to measure
     * @param ?int $chance per cent, the last that its owner said
     * @param ?string $line why
     * @param ?Day $on when that was said
     * @param bool $isSaid whether it was said in this week
     * @param bool $isMine whether the viewer owns it and may say it
     */
    public function __construct(
        public GoalRow $goal,
        public ?float $change,
        public ?int $chance,
        public ?string $line,
        public ?Day $on,
        public bool $isSaid,
        public bool $isMine,
    ) {
    }
}
