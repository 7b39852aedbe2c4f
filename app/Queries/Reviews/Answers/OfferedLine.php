<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** A line that can be taken into what one writes by one press. */
final readonly class OfferedLine implements Props
{
    /**
     * @param string $from what it is: "your finding", "decision"
     * @param string $words as it is shown
     * @param string $text as it is taken in
     */
    public function __construct(public string $from, public ?Day $on, public string $words, public string $text)
    {
    }
}
