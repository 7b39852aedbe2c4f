<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Goal;
use App\Models\Person;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Period;

/** The goals of a year and how they hang together, without what their figures rest on: enough for every thread. */
final readonly class Outline
{
    /**
     * @param Collection<int, Goal> $goals   by id: those that the viewer may see
     * @param array<int, ?int>      $parents of all goals, by id: the one under which each counts
     * @param array<int, int>       $serves  by project: the goal that it serves most
     */
    private function __construct(public ?Person $viewer, public Collection $goals, private array $parents, private array $serves)
    {
    }

    /** @param ?Person $viewer null for what everyone may see */
    public static function ofYear(Period $year, ?Person $viewer): self
    {
        $all = Goal::query()->whereBetween('anchor_on', [(string) $year->span->first, (string) $year->span->last])
            ->with('admissions.circle.memberships')->orderBy('anchor_on')->orderBy('id')->get()->keyBy('id');
        $links = DB::table('servings')->join('goals', 'goals.id', '=', 'servings.goal_id')
            ->whereBetween('anchor_on', [(string) $year->span->first, (string) $year->span->last])
            ->orderByDesc('servings.weight')->orderBy('servings.id')->get(['project_id', 'goal_id']);
        $serves = [];

        foreach ($links as $link) {
            $serves[(int) $link->project_id] ??= (int) $link->goal_id;
        }

        return new self($viewer, self::visible($all, $viewer), self::parents($all), $serves);
    }

    /**
     * Those that a person may see, of goals whose admissions are loaded.
     *
     * @param Collection<int, Goal> $all by id
     *
     * @return Collection<int, Goal> by id
     */
    public static function visible(Collection $all, ?Person $viewer): Collection
    {
        return $all->filter(static fn(Goal $goal): bool => $viewer === null ? $goal->audience()->isEveryone() : $goal->audience()->admits($viewer->id));
    }

    /**
     * Under which goal each counts.
     *
     * @param Collection<int, Goal> $all by id
     *
     * @return array<int, ?int> by id; null for one that stands at the top
     */
    public static function parents(Collection $all): array
    {
        $parents = [];

        foreach ($all as $goal) {
            $parent = $all->get($goal->parent_id);
            $parents[$goal->id] = $parent !== null && $goal->countsUnder($parent) ? $parent->id : null;
        }

        return $parents;
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

    public function isTop(Goal $goal): bool
    {
        return ($this->parents[$goal->id] ?? null) === null;
    }

    /** The goal that a project serves most; null when none of this year. */
    public function servedBy(int $project): ?int
    {
        return $this->serves[$project] ?? null;
    }
}
