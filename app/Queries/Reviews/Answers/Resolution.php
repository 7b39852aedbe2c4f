<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Props;
use Loftrin\Core\Reviews\Verdict;

/** What somebody wanted to do differently, with what became of it since. */
final readonly class Resolution implements Props
{
    /**
     * @param int $id of the answer
     * @param string $period in whose review it was written
     * @param ?Verdict $now what is said of it in the review at hand
     * @param list<VerdictRow> $record what was said in the weeks between, oldest first
     */
    public function __construct(public int $id, public string $period, public string $words, public ?Verdict $now, public array $record)
    {
    }
}
