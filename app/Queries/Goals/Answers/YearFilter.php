<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Queries\Plan\OutlinedGoal;
use App\Queries\Plan\Threads;
use App\Queries\Props;
use Illuminate\Http\Request;
use Loftrin\Core\Goals\Band;

/** Which of a sheet's goals are drawn. All figures stay as they are. */
final readonly class YearFilter implements Props
{
    /** @param ?int $thread the goal at its top */
    public function __construct(
        public ?int $owner = null,
        public ?int $group = null,
        public ?int $area = null,
        public ?int $thread = null,
        public ?Band $band = null,
    ) {
    }

    public static function from(Request $request): self
    {
        $number = static fn(string $field): ?int => is_numeric($request->query($field)) ? (int) $request->query($field) : null;

        return new self($number('owner'), $number('group'), $number('area'), $number('thread'), $request->enum('band', Band::class));
    }

    public function holds(OutlinedGoal $goal, GoalRow $row, Threads $threads): bool
    {
        return match (true) {
            $this->owner !== null && $goal->owner !== $this->owner,
            $this->group !== null && $goal->group !== $this->group,
            $this->area !== null && $goal->area !== $this->area,
            $this->thread !== null && $threads->topOf($goal->id) !== (string) $this->thread,
            $this->band !== null && $row->gauge->band !== $this->band
                => false,
            default => true,
        };
    }
}
