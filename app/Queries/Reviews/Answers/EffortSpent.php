<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Props;

/** A main effort with the hours that a week meant for it and had. */
final readonly class EffortSpent implements Props
{
    /**
     * @param ?float $meant hours a week
     * @param float $given hours a week
     */
    public function __construct(public string $title, public ?float $meant, public float $given)
    {
    }
}
