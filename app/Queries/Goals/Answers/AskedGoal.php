<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** A goal of one's own that one is asked about this week. */
final readonly class AskedGoal implements Props
{
    /**
     * @param ?int $chance per cent, what one said last
     * @param ?Day $on when that was
     */
    public function __construct(public int $id, public string $title, public ?int $chance, public ?string $line, public ?Day $on)
    {
    }
}
