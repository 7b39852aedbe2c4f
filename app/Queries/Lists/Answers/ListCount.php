<?php

declare(strict_types=1);

namespace App\Queries\Lists\Answers;

use App\Queries\Lists\TaskList;
use App\Queries\Props;

final readonly class ListCount implements Props
{
    public function __construct(public TaskList $list, public int $count)
    {
    }

    /**
     * @param array<string, int> $counts by list
     *
     * @return list<self> all lists
     */
    public static function all(array $counts): array
    {
        return array_map(static fn(TaskList $list): self => new self($list, $counts[$list->value]), TaskList::cases());
    }
}
