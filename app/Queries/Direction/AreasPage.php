<?php

declare(strict_types=1);

namespace App\Queries\Direction;

use App\Models\Area;
use App\Models\Goal;
use App\Models\Jot;
use App\Models\Person;
use App\Models\Project;
use App\Queries\Direction\Answers\AreaRow;
use App\Queries\Direction\Answers\Areas;
use App\Queries\Parts\Answers\PersonTag;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Work\ProjectState;

final readonly class AreasPage
{
    public function of(Person $viewer): Areas
    {
        $goals = self::counts(Goal::query()->visibleTo($viewer)->whereNull('closed_on'));
        $projects = self::counts(Project::query()->visibleTo($viewer)->where('state', ProjectState::Active));
        $jots = self::counts(Jot::query()->whereNull('sorted_on'));

        return new Areas(
            array_values(
                Area::query()
                    ->with('owner')
                    ->orderBy('name')
                    ->get()
                    ->map(
                        static fn(Area $area): AreaRow => AreaRow::of(
                            $area,
                            $goals[$area->id] ?? 0,
                            $projects[$area->id] ?? 0,
                            $jots[$area->id] ?? 0,
                        ),
                    )
                    ->all(),
            ),
            PersonTag::all(),
            $viewer->isLead(),
        );
    }

    /**
     * @param Builder<Goal>|Builder<Project>|Builder<Jot> $query
     *
     * @return array<array-key, int> by area
     */
    private static function counts(Builder $query): array
    {
        return $query
            ->toBase()
            ->whereNotNull('area_id')
            ->groupBy('area_id')
            ->selectRaw('area_id, count(*) as number')
            ->pluck('number', 'area_id')
            ->map(static fn(mixed $number): int => is_numeric($number) ? (int) $number : 0)
            ->all();
    }
}
