<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** What is worth telling of a span, of one person or everybody. */
final readonly class TellingView implements Props
{
    /**
     * @param ?int $person whose; null for everybody's
     * @param list<TellingLine> $lines the last first
     * @param list<PersonTag> $people
     */
    public function __construct(public Day $from, public Day $until, public ?int $person, public array $lines, public array $people)
    {
    }
}
