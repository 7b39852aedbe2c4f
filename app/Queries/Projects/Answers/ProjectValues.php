<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Models\Visibility;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\Focus;
use Loftrin\Core\Work\ProjectState;
use Loftrin\Core\Work\Rank;
use Loftrin\Core\Work\StageOrder;
use Loftrin\Core\Work\Weighing;

/** The fields of a project as the form holds them. */
final readonly class ProjectValues implements Props
{
    /**
     * @param list<StageValues> $stages
     * @param list<ContributionValues> $serves
     * @param list<int> $groups that may see it, if they are chosen
     * @param list<int> $people likewise
     */
    public function __construct(
        public ?int $id,
        public string $title,
        public string $outcome,
        public ?int $owner,
        public ?int $area,
        public Weighing $weighing,
        public StageOrder $order,
        public ProjectState $state,
        public ?Day $startsOn,
        public ?Day $dueOn,
        public array $stages,
        public array $serves,
        public bool $lastIsDone,
        public ?Rank $rank,
        public ?Focus $focus,
        public Visibility $visibility,
        public array $groups,
        public array $people,
        public bool $countsUnnamed,
    ) {
    }
}
