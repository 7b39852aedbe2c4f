<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Queries\Parts\Answers\Gauge;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Plan\Answers\Cord;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\ProjectCondition;
use Loftrin\Core\Work\ProjectState;

final readonly class RegisterRow implements Props
{
    /**
     * @param ?MilestoneRow $milestone the next one to reach
     * @param ?Day $changedOn when one of its tasks was changed last
     * @param list<string> $collections
     * @param list<string> $entries in fields of one's own: "Customer: Ostend"
     * @param ?TaskRow $nextStep the first task that can start now
     */
    public function __construct(
        public int $id,
        public string $title,
        public PersonTag $owner,
        public ProjectState $state,
        public Day $stateOn,
        public ?Day $dueOn,
        public ?Cord $cord,
        public Gauge $gauge,
        public int $open,
        public int $tasks,
        public ?string $statusLine,
        public ?Day $statusOn,
        public ?ProjectCondition $condition,
        public ?TaskRow $nextStep,
        public ?MilestoneRow $milestone,
        public ?Day $changedOn,
        public array $collections,
        public array $entries,
        public bool $isPrivate,
    ) {
    }
}
