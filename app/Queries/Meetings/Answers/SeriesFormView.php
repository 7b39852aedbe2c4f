<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Parts\Answers\GroupRow;
use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;

final readonly class SeriesFormView implements Props
{
    /**
     * @param list<PersonTag> $people
     * @param list<Option> $goals
     * @param list<Option> $projects
     * @param list<Option> $areas
     * @param list<GroupRow> $groups whose people can attend, whoever they are
     * @param list<string> $zones names of time zones
     * @param list<Option> $contacts
     */
    public function __construct(
        public SeriesValues $series,
        public array $people,
        public array $goals,
        public array $projects,
        public array $areas,
        public array $groups,
        public array $zones,
        public array $contacts,
    ) {
    }
}
