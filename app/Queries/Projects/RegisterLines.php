<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Models\Field;
use App\Models\FieldKind;
use App\Models\Person;
use App\Queries\Plan\Threads;
use App\Queries\Projects\Answers\RegisterFilter;

/** The lines of a register in their order, each under its heading. */
final readonly class RegisterLines
{
    public function __construct(private FoundProjects $found, private WorkCounts $counts)
    {
    }

    /**
     * @param CountedWork $active that of all active projects
     * @param Threads $threads as the viewer sees them
     *
     * @return list<array{ListedProject, string}> each project with its heading; one in two collections stands under both
     */
    public function of(RegisterFilter $filter, CountedWork $active, Threads $threads, Person $viewer): array
    {
        $projects = array_filter(
            ListedProject::all($this->found->by($filter, $viewer)),
            static fn(ListedProject $project): bool => self::holds($filter->condition, $active->of($project->id)),
        );
        $work = $filter->sort === RegisterSort::Progress ? $this->counts->of(array_keys($projects)) : $active;
        $order = new RegisterOrder($work, $filter, self::isNumber($filter->sortField));
        $headings = new RegisterHeadings($filter, $threads);
        $places = $lines = [];

        foreach ($projects as $project) {
            foreach ($headings->of($project) as $heading) {
                $places[] = [...$headings->place($project, $heading), ...$order->place($project)];
                $lines[] = [$project, $heading];
            }
        }

        asort($places);

        return array_map(static fn(int $place): array => $lines[$place], array_keys($places));
    }

    /** @param ?ProjectFacts $facts of one that is active */
    private static function holds(?RegisterCondition $condition, ?ProjectFacts $facts): bool
    {
        return match ($condition) {
            null, RegisterCondition::Unlinked => true,
            default => $facts !== null && $condition->holds($facts),
        };
    }

    private static function isNumber(?int $field): bool
    {
        return $field !== null && Field::query()->whereKey($field)->value('kind') === FieldKind::Number;
    }
}
