<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Queries\Plan\Threads;
use App\Queries\Projects\Answers\RegisterFilter;
use Loftrin\Core\Work\ProjectState;

/** Under what headings projects stand in the register. */
final readonly class RegisterHeadings
{
    /** States in their order, what needs most of somebody first, with their headings. */
    private const STATES = [
        'active' => 'Active',
        'paused' => 'Paused',
        'proposed' => 'Proposed',
        'shelved' => 'Shelved',
        'done' => 'Done',
        'dropped' => 'Dropped',
    ];

    /** @param Threads $threads as the viewer sees them */
    public function __construct(private RegisterFilter $filter, private Threads $threads)
    {
    }

    /** @return non-empty-list<string> one in two collections stands under both */
    public function of(ListedProject $project): array
    {
        $said = $this->said($project);

        return $said === [] ? [$this->filter->group->withoutIt()] : $said;
    }

    /** @return list<int|string> states in their own order, the other headings by name; those of which nothing is said come last */
    public function place(ListedProject $project, string $heading): array
    {
        return $this->filter->group === RegisterGrouping::State
            ? [self::placeOf($project->state)]
            : [$this->said($project) === [] ? 1 : 0, $heading];
    }

    /** Counted from 0, what needs most of somebody first. */
    public static function placeOf(ProjectState $state): int
    {
        return (int) array_search($state->value, array_keys(self::STATES), true);
    }

    /** @return list<string> */
    private function said(ListedProject $project): array
    {
        $said = match ($this->filter->group) {
            RegisterGrouping::State => self::STATES[$project->state->value],
            RegisterGrouping::Owner => $project->owner->name,
            RegisterGrouping::Area => $project->area,
            RegisterGrouping::Thread => $this->threads->ofProject($project->id)?->title,
            RegisterGrouping::Focus => $project->focus === null ? null : ucfirst($project->focus->value).' focus',
            RegisterGrouping::Collection => $project->collections,
            RegisterGrouping::Field => $project->entries[$this->filter->groupField ?? 0] ?? null,
            RegisterGrouping::None => '',
        };

        return $said === null ? [] : (array) $said;
    }
}
