<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Queries\Parts\Option;
use App\Queries\Parts\PersonTag;
use App\Queries\Props;

final readonly class SeriesFormPage implements Props
{
    /**
     * @param list<PersonTag> $people
     * @param list<Option> $goals
     */
    public function __construct(public SeriesValues $series, public array $people, public array $goals)
    {
    }
}
