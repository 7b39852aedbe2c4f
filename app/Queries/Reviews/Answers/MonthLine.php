<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Props;

/** A month of a year in one line of one's own. */
final readonly class MonthLine implements Props
{
    /** @param ?string $words null of a month that one wrote nothing about */
    public function __construct(public string $month, public ?string $words, public string $link)
    {
    }
}
