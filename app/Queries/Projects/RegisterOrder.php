<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Models\Project;
use Loftrin\Core\Fraction;
use Loftrin\Core\Work\ProjectState;

/** In what order projects stand in the register. */
final readonly class RegisterOrder
{
    public function __construct(private ProjectWork $work, private string $sort)
    {
    }

    /** @return list<int|float|string> to be compared one by one */
    public function place(Project $project): array
    {
        return [...match ($this->sort) {
            'title' => [mb_strtolower($project->title)],
            'due' => [$project->due_on === null ? 1 : 0, (string) $project->due_on],
            'progress' => [$this->share($this->work->progress($project))],
            'owner' => [$project->owner->name],
            'rank' => [$project->rank === null ? 'Z' : $project->rank->value],
            'changed' => [-self::moment($project->getAttribute('changed_at'))],
            default => $this->need($project),
        }, $project->id];
    }

    /** Progress − expected, of one that has a pace; below 0 where it is behind. */
    private function gap(Project $project): float
    {
        $figure = $this->work->figure($project);

        return $figure?->expected === null ? 0.0 : $this->share($figure->progress) - $this->share($figure->expected);
    }

    /** @return list<int|float> active ones first; what is stuck, ready or furthest behind first among them */
    private function need(Project $project): array
    {
        return [
            match ($project->state) {
                ProjectState::Active => 0,
                ProjectState::Paused => 1,
                ProjectState::Proposed => 2,
                ProjectState::Shelved => 3,
                ProjectState::Done => 4,
                ProjectState::Dropped => 5,
            },
            $this->work->isStuck($project) ? 0 : ($this->work->isReady($project) ? 1 : 2),
            $this->gap($project),
        ];
    }

    private static function moment(mixed $date): int
    {
        return is_string($date) ? (int) strtotime($date) : 0;
    }

    private function share(?Fraction $fraction): float
    {
        return $fraction === null ? 0.0 : $fraction->rounded(4);
    }
}
