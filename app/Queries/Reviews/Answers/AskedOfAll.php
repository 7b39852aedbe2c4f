<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Props;

/** A question of a retrospective. */
final readonly class AskedOfAll implements Props
{
    /**
     * @param string $own what one wrote oneself
     * @param list<SaidOfAll> $others what the others wrote; empty until all is shown
     */
    public function __construct(public int $id, public string $words, public string $own, public array $others)
    {
    }
}
