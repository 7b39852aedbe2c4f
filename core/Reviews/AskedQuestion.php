<?php

declare(strict_types=1);

namespace Loftrin\Core\Reviews;

/** A question of somebody's bank. */
final readonly class AskedQuestion
{
    /** How the keys of a checklist begin. */
    public const CHECK = 'check-';

    /**
     * @param string $key by which its answers are found over time
     * @param bool $isOwn whether the person added it
     * @param bool $isResting whether it is left out for now
     */
    public function __construct(public string $key, public string $words, public bool $isOwn = false, public bool $isResting = false)
    {
    }

    /** Whether it is a line of a checklist: ticked or not, blank in each review. */
    public function isCheck(): bool
    {
        return str_starts_with($this->key, self::CHECK);
    }
}
