<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;

/** What somebody wrote in a retrospective. */
final readonly class SaidOfAll implements Props
{
    public function __construct(public PersonTag $by, public string $words)
    {
    }
}
