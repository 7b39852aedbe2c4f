<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Props;

/** All that others let one read of their reviews. */
final readonly class SharedView implements Props
{
    /** @param list<SharedReview> $reviews the latest first */
    public function __construct(public array $reviews)
    {
    }
}
