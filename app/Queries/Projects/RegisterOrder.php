<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Queries\Projects\Answers\RegisterFilter;
use Loftrin\Core\Fraction;
use Loftrin\Core\Work\ProjectState;

/** In what order projects stand in the register. */
final readonly class RegisterOrder
{
    /** @param CountedWork $work that of the active ones at least; of all where they are sorted by progress */
    public function __construct(private CountedWork $work, private string $sort)
    {
    }

    /** @return list<int|float|string> to be compared one by one */
    public function place(RegisterLine $line): array
    {
        return [
            ...match ($this->sort) {
                'title' => [mb_strtolower($line->title)],
                'due' => [$line->due === null ? 1 : 0, (string) $line->due],
                'progress' => [self::share($this->work->progress($line->id))],
                'owner' => [$line->owner],
                'rank' => [$line->rank === null ? 'Z' : $line->rank->value],
                'changed' => [$line->changed === null ? 0 : -(int) strtotime($line->changed)],
                default => RegisterFilter::fieldIn($this->sort) === null
                    ? $this->need($line)
                    : [$line->sorted === null ? 1 : 0, $line->sorted ?? ''],
            },
            $line->id,
        ];
    }

    /** @return list<int|float> active ones first; what is stuck, ready or furthest behind first among them */
    private function need(RegisterLine $line): array
    {
        $needs =
            $line->state === ProjectState::Active
                ? [$this->work->isStuck($line->id) ? 0 : ($this->work->isReady($line->id) ? 1 : 2), $this->gap($line)]
                : [0, 0.0];

        return [$line->statePlace(), ...$needs];
    }

    /** Progress − expected, of one that has a pace; below 0 where it is behind. */
    private function gap(RegisterLine $line): float
    {
        $figure = $this->work->figure($line->id);

        return $figure?->expected === null ? 0.0 : self::share($figure->progress) - self::share($figure->expected);
    }

    private static function share(?Fraction $fraction): float
    {
        return $fraction === null ? 0.0 : $fraction->rounded(4);
    }
}
