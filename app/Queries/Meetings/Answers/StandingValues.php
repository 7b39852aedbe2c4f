<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Models\StandingItem;
use App\Queries\Props;
use Loftrin\Core\Meetings\Shown;

final readonly class StandingValues implements Props
{
    public function __construct(
        public ?int $id,
        public string $title,
        public int $minutes,
        public ?int $owner,
        public ?int $goal,
        public ?int $project,
        public ?Shown $shows,
    ) {
    }

    public static function of(StandingItem $item): self
    {
        return new self(
            $item->id,
            $item->title,
            $item->minutes,
            $item->owner_id,
            $item->goal_id,
            $item->project_id,
            $item->shows,
        );
    }
}
