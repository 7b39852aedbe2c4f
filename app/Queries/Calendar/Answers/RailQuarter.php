<?php

declare(strict_types=1);

namespace App\Queries\Calendar\Answers;

use App\Queries\Props;

final readonly class RailQuarter implements Props
{
    /**
     * @param ?string $words its main goal, or its line
     * @param int $weeks how many weeks it holds
     */
    public function __construct(public string $name, public string $label, public ?string $words, public int $weeks, public bool $isNow)
    {
    }
}
