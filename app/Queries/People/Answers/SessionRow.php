<?php

declare(strict_types=1);

namespace App\Queries\People\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** A browser in which somebody is signed in. */
final readonly class SessionRow implements Props
{
    public function __construct(public bool $isThis, public string $device, public string $address, public Day $on, public string $at)
    {
    }
}
