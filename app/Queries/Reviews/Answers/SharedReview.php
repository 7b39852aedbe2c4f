<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Parts\Answers\AnswerLine;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;

/** What somebody wrote in a review, as far as one may read it. */
final readonly class SharedReview implements Props
{
    /** @param list<AnswerLine> $answers */
    public function __construct(public PersonTag $by, public string $period, public array $answers)
    {
    }
}
