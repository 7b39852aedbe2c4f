<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Project;
use Loftrin\Core\Goals\Lineage;
use Loftrin\Core\Work\Contribution;
use stdClass;

/** Who may see which of some goals, and under which of the others each of them therefore counts. */
final readonly class SeenGoals
{
    /** What it is decided by. */
    public const COLUMNS = ['id', 'parent_id', 'visibility', 'counts_unnamed'];

    private Audiences $audiences;

    /** @param array<int, stdClass> $rows by id */
    public function __construct(private array $rows)
    {
        $this->audiences = new Audiences(Goal::class, $rows);
    }

    /**
     * @param ?Person $viewer null for what everyone may see
     *
     * @return array<int, stdClass> those that the person may see, by id
     */
    public function by(?Person $viewer): array
    {
        return $this->audiences->seenBy($viewer);
    }

    /** @return array<int, ?int> under which goal each counts, by id; null for one that stands at the top */
    public function parents(): array
    {
        return Lineage::withoutLoops(
            array_map(function (stdClass $row): ?int {
                $parent = $this->rows[(int) $row->parent_id] ?? null;

                return $parent !== null &&
                    $this->audiences
                        ->of((int) $row->id)
                        ->countsIn($this->audiences->of((int) $parent->id), (bool) $row->counts_unnamed)
                    ? (int) $parent->id
                    : null;
            }, $this->rows),
        );
    }

    /**
     * The links of a project that count: all of one that everyone may see.
     *
     * @param stdClass $project with what is needed to decide it
     * @param list<Contribution> $links
     *
     * @return list<Contribution>
     */
    public function counting(stdClass $project, Audiences $projects, array $links): array
    {
        $audience = $projects->of((int) $project->id);

        return array_values(
            array_filter(
                $links,
                fn(Contribution $link): bool => $audience->countsIn(
                    $this->audiences->of((int) $link->goal),
                    (bool) $project->counts_unnamed,
                ),
            ),
        );
    }
}
