<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Visibility;
use Loftrin\Core\Goals\Lineage;
use Loftrin\Core\People\Audience;
use stdClass;

/** Who may see which of some goals, and under which of the others each of them therefore counts. */
final readonly class SeenGoals
{
    /** What it is decided by. */
    public const COLUMNS = ['id', 'parent_id', 'visibility', 'counts_unnamed'];

    /** @var array<int, Audience> of those that are not for everyone, by id */
    private array $audiences;

    /** @param array<int, stdClass> $rows by id */
    public function __construct(private array $rows)
    {
        $closed = array_keys(array_filter($rows, static fn(stdClass $row): bool => $row->visibility !== Visibility::Everyone->value));
        $this->audiences =
            $closed === []
                ? []
                : Goal::query()
                    ->whereKey($closed)
                    ->with('goalViewers.group.memberships')
                    ->get()
                    ->keyBy('id')
                    ->map(static fn(Goal $goal): Audience => $goal->audience())
                    ->all();
    }

    /**
     * @param ?Person $viewer null for what everyone may see
     *
     * @return array<int, stdClass> those that the person may see, by id
     */
    public function by(?Person $viewer): array
    {
        return array_filter($this->rows, function (stdClass $row) use ($viewer): bool {
            $audience = $this->audience((int) $row->id);

            return $viewer === null ? $audience->isEveryone() : $audience->admits($viewer->id);
        });
    }

    /** @return array<int, ?int> under which goal each counts, by id; null for one that stands at the top */
    public function parents(): array
    {
        return Lineage::withoutLoops(
            array_map(function (stdClass $row): ?int {
                $parent = $this->rows[(int) $row->parent_id] ?? null;

                return $parent !== null &&
                    $this->audience((int) $row->id)->countsIn($this->audience((int) $parent->id), (bool) $row->counts_unnamed)
                    ? (int) $parent->id
                    : null;
            }, $this->rows),
        );
    }

    private function audience(int $goal): Audience
    {
        return $this->audiences[$goal] ?? Audience::everyone();
    }
}
