<?php

declare(strict_types=1);

namespace App\Queries\Lists\Answers;

use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Props;

/** Tasks of a list under one heading. */
final readonly class ListGroup implements Props
{
    /**
     * @param ?string $heading null where the list has none
     * @param list<TaskRow> $tasks
     */
    public function __construct(public ?string $heading, public array $tasks)
    {
    }

    /**
     * @param array<list<TaskRow>> $groups by heading; "" for none
     *
     * @return list<self>
     */
    public static function under(array $groups): array
    {
        return array_map(
            static fn(int|string $heading, array $tasks): self => new self($heading === '' ? null : (string) $heading, $tasks),
            array_keys($groups),
            $groups,
        );
    }
}
