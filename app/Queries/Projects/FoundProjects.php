<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Models\Person;
use App\Models\Project;
use App\Queries\Parts\Containing;
use App\Queries\Plan\Beneath;
use App\Queries\Projects\Answers\RegisterFilter;
use Illuminate\Database\Eloquent\Builder;

/** The projects that a filter of the register lets through, of those that a person may see: as conditions for the database. */
final readonly class FoundProjects
{
    /** @return Builder<Project> */
    public function by(RegisterFilter $filter, Person $viewer): Builder
    {
        return Project::query()
            ->visibleTo($viewer)
            ->whereIn('state', $filter->state->states())
            ->when($filter->owner !== null, static fn(Builder $query) => $query->where('owner_id', $filter->owner))
            ->when($filter->area !== null, static fn(Builder $query) => $query->where('area_id', $filter->area))
            ->when($filter->focus !== null, static fn(Builder $query) => $query->where('focus', $filter->focus))
            ->when(
                $filter->thread !== null,
                static fn(Builder $query) => $query->whereHas(
                    'currentContributions',
                    static fn(Builder $link) => $link->whereRaw(Beneath::holds('goal_id'), [$filter->thread]),
                ),
            )
            ->when(
                $filter->condition === RegisterCondition::Unlinked,
                static fn(Builder $query) => $query->whereDoesntHave('currentContributions'),
            )
            ->when(
                $filter->collection !== null,
                static fn(Builder $query) => $query->whereHas(
                    'collectionItems',
                    static fn(Builder $link) => $link->where('collection_id', $filter->collection),
                ),
            )
            ->when(
                $filter->field !== null,
                static fn(Builder $query) => $query->whereHas(
                    'entries',
                    static fn(Builder $entry) => $entry
                        ->where('field_id', $filter->field)
                        ->when($filter->value !== '', static fn(Builder $said) => Containing::words($said, 'value', $filter->value)),
                ),
            )
            ->when(
                $filter->words !== '',
                static fn(Builder $query) => $query->where(
                    static fn(Builder $either) => Containing::words(
                        Containing::words($either, 'title', $filter->words),
                        'status_line',
                        $filter->words,
                        'or',
                    ),
                ),
            );
    }
}
