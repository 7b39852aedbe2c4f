<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Queries\Parts\Option;
use App\Queries\Parts\PersonTag;
use App\Queries\Props;

final readonly class ProjectFormPage implements Props
{
    /**
     * @param list<Option> $goals grouped by period
     * @param list<PersonTag> $people
     * @param list<Option> $areas
     */
    public function __construct(public ProjectValues $project, public array $goals, public array $people, public array $areas)
    {
    }
}
