<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;

final readonly class ProjectFormView implements Props
{
    /**
     * @param list<Option> $goals grouped by period
     * @param list<PersonTag> $people
     * @param list<Option> $areas
     * @param list<Option> $groups
     */
    public function __construct(
        public ProjectValues $project,
        public array $goals,
        public array $people,
        public array $areas,
        public array $groups,
    ) {
    }
}
