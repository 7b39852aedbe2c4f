<?php

declare(strict_types=1);

namespace App\Queries\Parts\Answers;

use App\Queries\Props;

/** One of several things to choose from. */
final readonly class Option implements Props
{
    /** @param ?string $group the heading under which it stands */
    public function __construct(public string $value, public string $label, public ?string $group = null)
    {
    }
}
