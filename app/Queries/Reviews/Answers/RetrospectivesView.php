<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;

/** The retrospectives one takes part in, and what a new one begins with. */
final readonly class RetrospectivesView implements Props
{
    /**
     * @param list<RetrospectiveLine> $all the last first
     * @param list<Option> $projects
     * @param list<PersonTag> $people
     * @param list<string> $questions those one asked last, or the usual ones
     */
    public function __construct(public array $all, public array $projects, public array $people, public array $questions)
    {
    }
}
