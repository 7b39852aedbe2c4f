<?php

declare(strict_types=1);

namespace Loftrin\Core\Reviews;

/** A question of somebody's bank. */
final readonly class AskedQuestion
{
    /**
     * @param string $key by which its answers are found over time
     * @param bool $isOwn whether the person added it
     * @param bool $isResting whether it is left out for now
     */
    public function __construct(public string $key, public string $words, public bool $isOwn = false, public bool $isResting = false)
    {
    }
}
