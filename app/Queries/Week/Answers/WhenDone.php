<?php

declare(strict_types=1);

namespace App\Queries\Week\Answers;

use App\Queries\Parts\Answers\Option;
use App\Queries\Props;

/** What the end of a task will move. */
final readonly class WhenDone implements Props
{
    /**
     * @param ?string $project its title, where its progress is known before and after
     * @param ?int $before per cent
     * @param ?int $after per cent
     * @param list<Option> $starts tasks that can start then: their addresses and titles
     */
    public function __construct(public ?string $project, public ?int $before, public ?int $after, public array $starts)
    {
    }
}
