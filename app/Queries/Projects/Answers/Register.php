<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;

/** A page of the register. */
final readonly class Register implements Props
{
    /**
     * @param list<RegisterGroup> $groups
     * @param int $total that the filter lets through
     * @param int $active of all projects
     * @param int $needy of those: stuck or ready to close
     * @param list<ActiveCount> $activeBy the most first
     * @param ?int $limit of active ones for a person
     * @param list<PersonTag> $people
     * @param list<Option> $areas
     * @param list<Option> $threads
     * @param list<Option> $collections
     * @param list<Option> $fields of one's own
     */
    public function __construct(
        public RegisterFilter $filter,
        public array $groups,
        public int $total,
        public int $pages,
        public int $active,
        public int $needy,
        public array $activeBy,
        public ?int $limit,
        public bool $mayLimit,
        public array $people,
        public array $areas,
        public array $threads,
        public array $collections,
        public array $fields,
    ) {
    }
}
