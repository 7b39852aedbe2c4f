<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Visibility;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;
use stdClass;

/** The goals of a year and how they hang together, without what their figures rest on: enough for every thread. */
final readonly class Outline
{
    /**
     * @param array<int, OutlinedGoal> $goals by id, in their order: those that the viewer may see
     * @param array<int, ?int> $parents of all goals, by id: the one under which each counts
     * @param array<int, int> $serves by project: the goal that it serves most
     */
    private function __construct(public array $goals, private array $parents, private array $serves)
    {
    }

    /** @param ?Person $viewer null for what everyone may see */
    public static function ofYear(Period $year, ?Person $viewer): self
    {
        $within = [(string) $year->span->first, (string) $year->span->last];
        $rows = Goal::query()
            ->toBase()
            ->whereBetween('anchor_on', $within)
            ->orderBy('anchor_on')
            ->orderBy('id')
            ->get([
                'id',
                'title',
                'mark',
                'horizon',
                'period',
                'parent_id',
                'owner_id',
                'group_id',
                'area_id',
                'is_main',
                'visibility',
                'counts_unnamed',
                'closed_on',
            ])
            ->keyBy('id')
            ->all();
        $seen = new SeenGoals($rows);
        $links = DB::table('contributions')
            ->join('goals', 'goals.id', '=', 'contributions.goal_id')
            ->whereBetween('anchor_on', $within)
            ->whereNull('contributions.until_on')
            ->orderByDesc('contributions.weight')
            ->orderBy('contributions.id')
            ->get(['project_id', 'goal_id']);
        $serves = [];

        foreach ($links as $link) {
            $serves[(int) $link->project_id] ??= (int) $link->goal_id;
        }

        return new self(array_map(self::goal(...), $seen->by($viewer)), $seen->parents(), $serves);
    }

    /** The goal at the top of its thread; null for one of another year. */
    public function topOf(int $goal): ?int
    {
        if (! array_key_exists($goal, $this->parents)) {
            return null;
        }

        while (($parent = $this->parents[$goal] ?? null) !== null) {
            $goal = $parent;
        }

        return $goal;
    }

    /** The goal that a project serves most; null when none of this year. */
    public function servedBy(int $project): ?int
    {
        return $this->serves[$project] ?? null;
    }

    private static function goal(stdClass $row): OutlinedGoal
    {
        $id = static fn(mixed $value): ?int => is_numeric($value) ? (int) $value : null;

        return new OutlinedGoal(
            id: (int) $row->id,
            title: (string) $row->title,
            mark: $row->mark === null ? null : (string) $row->mark,
            horizon: Horizon::from((string) $row->horizon),
            period: (string) $row->period,
            parent: $id($row->parent_id),
            owner: (int) $row->owner_id,
            group: $id($row->group_id),
            area: $id($row->area_id),
            isMain: (bool) $row->is_main,
            isForEveryone: $row->visibility === Visibility::Everyone->value,
            isOpen: $row->closed_on === null,
        );
    }
}
