<?php

declare(strict_types=1);

namespace App\Actions\Projects;

use App\Actions\Parts\ViewersDraft;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\Focus;
use Loftrin\Core\Work\ProjectState;
use Loftrin\Core\Work\Rank;
use Loftrin\Core\Work\StageOrder;
use Loftrin\Core\Work\Weighing;

/** What is said of a project. The title is enough. */
final readonly class ProjectDraft
{
    /**
     * @param list<array{id: ?int, name: string}> $stages in order; those with an id are there already
     * @param list<array{goal: int, weight: string}> $serves weights as decimals
     */
    public function __construct(
        public string $title,
        public ?string $outcome = null,
        public ?int $owner = null,
        public ?int $area = null,
        public Weighing $weighing = Weighing::Count,
        public StageOrder $order = StageOrder::Any,
        public ProjectState $state = ProjectState::Active,
        public ?Day $startsOn = null,
        public ?Day $dueOn = null,
        public array $stages = [],
        public array $serves = [],
        public bool $lastIsDone = false,
        public ?Rank $rank = null,
        public ?Focus $focus = null,
        public ViewersDraft $viewers = new ViewersDraft(),
    ) {
    }
}
