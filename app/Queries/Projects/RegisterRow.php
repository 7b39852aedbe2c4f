<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Queries\Parts\Cord;
use App\Queries\Parts\Gauge;
use App\Queries\Parts\PersonTag;
use App\Queries\Parts\TaskRow;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\ProjectState;

final readonly class RegisterRow implements Props
{
    /**
     * @param bool     $isStuck  nothing can be done now and nothing waits on someone
     * @param bool     $isReady  all its tasks are done
     * @param ?TaskRow $nextStep the first task that can be done now
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
        public bool $isStuck,
        public bool $isReady,
        public ?TaskRow $nextStep,
    ) {
    }
}
