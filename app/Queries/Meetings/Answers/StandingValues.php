<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

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
}
