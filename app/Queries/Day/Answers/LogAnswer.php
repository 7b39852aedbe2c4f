<?php

declare(strict_types=1);

namespace App\Queries\Day\Answers;

use App\Queries\Props;

/** What was answered in words of an evening. */
final readonly class LogAnswer implements Props
{
    public function __construct(public string $question, public string $words)
    {
    }
}
