<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Props;

/** What an issue is about, or became. */
final readonly class IssueLink implements Props
{
    public function __construct(public string $title, public string $link)
    {
    }
}
