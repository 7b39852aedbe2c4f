<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;

/** The register of decisions, and minutes that were searched. */
final readonly class DecisionsView implements Props
{
    /**
     * @param string $words that are looked for; empty for none
     * @param ?int $who at whose meetings
     * @param list<DecisionLine> $decisions newest first
     * @param list<FoundMinutes> $minutes newest first; none while nothing is looked for
     * @param list<PersonTag> $people
     * @param list<Option> $goals
     * @param list<Option> $projects
     */
    public function __construct(
        public string $words,
        public ?int $who,
        public array $decisions,
        public array $minutes,
        public array $people,
        public array $goals,
        public array $projects,
    ) {
    }
}
