<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** A project about to be started from a template: who takes which role, and the load that puts on people. */
final readonly class StartView implements Props
{
    /**
     * @param list<RoleChoice> $roles
     * @param list<PersonLoad> $loads
     * @param list<PersonTag> $people
     * @param list<Option> $goals
     */
    public function __construct(
        public int $id,
        public string $template,
        public string $title,
        public Day $start,
        public ?Day $due,
        public int $tasks,
        public array $roles,
        public array $loads,
        public array $people,
        public array $goals,
    ) {
    }
}
