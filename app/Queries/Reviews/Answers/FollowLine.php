<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Props;

/** A line of what is started, stopped or continued, with what became of it. */
final readonly class FollowLine implements Props
{
    /**
     * @param string $key of the question
     * @param ?string $goal the address of the goal that it became
     * @param ?string $task the same of a task
     * @param ?string $recurring the same of a recurring task
     * @param ?string $issue the same of an issue
     */
    public function __construct(
        public string $key,
        public string $words,
        public ?string $goal,
        public ?string $task,
        public ?string $recurring,
        public ?string $issue,
    ) {
    }
}
