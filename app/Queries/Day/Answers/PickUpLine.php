<?php

declare(strict_types=1);

namespace App\Queries\Day\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** A page that one was working with. */
final readonly class PickUpLine implements Props
{
    /**
     * @param string $what was done there last
     * @param string $at HH:MM
     */
    public function __construct(public string $title, public string $link, public string $what, public Day $on, public string $at)
    {
    }
}
