<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Props;
use Loftrin\Core\Reviews\Verdict;

/** What was said in a week of what somebody wanted to do differently. */
final readonly class VerdictRow implements Props
{
    public function __construct(public string $period, public Verdict $verdict)
    {
    }
}
