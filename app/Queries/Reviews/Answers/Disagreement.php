<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Props;

/** A goal of which its owner and the forecast say different things. */
final readonly class Disagreement implements Props
{
    /**
     * @param int $said per cent, by its owner
     * @param int $computed per cent, from the recent weeks
     */
    public function __construct(public int $goal, public string $title, public string $owner, public int $said, public int $computed)
    {
    }
}
