<?php

declare(strict_types=1);

namespace App\Queries\Day\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** What was answered in words of an evening. */
final readonly class AnsweredDay implements Props
{
    public function __construct(public Day $on, public string $question, public string $words)
    {
    }
}
