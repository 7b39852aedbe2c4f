<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Models\Person;
use App\Models\Retrospective;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** A retrospective in the list of those one takes part in. */
final readonly class RetrospectiveLine implements Props
{
    /**
     * @param ?string $project that it is about
     * @param ?string $projectLink
     * @param ?Day $first of the stretch that it is about
     * @param bool $isShown whether everybody sees what all wrote
     * @param int $changes how many it ended in so far
     */
    private function __construct(
        public int $id,
        public string $title,
        public Day $on,
        public ?string $project,
        public ?string $projectLink,
        public ?Day $first,
        public ?Day $last,
        public PersonTag $by,
        public bool $isShown,
        public bool $isFinished,
        public int $changes,
    ) {
    }

    public static function of(Retrospective $retrospective, Person $viewer): self
    {
        $project = $retrospective->project?->isVisibleTo($viewer) === true ? $retrospective->project : null;

        return new self(
            id: $retrospective->id,
            title: $retrospective->title,
            on: $retrospective->on,
            project: $project?->title,
            projectLink: $project === null ? null : route('projects.show', $project, false),
            first: $retrospective->first,
            last: $retrospective->last,
            by: PersonTag::of($retrospective->person),
            isShown: $retrospective->shown_at !== null,
            isFinished: $retrospective->finished_at !== null,
            changes: $retrospective->changes->count(),
        );
    }
}
