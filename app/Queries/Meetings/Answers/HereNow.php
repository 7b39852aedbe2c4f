<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Props;

/** Who has a running meeting open at this moment. */
final readonly class HereNow implements Props
{
    /**
     * @param list<int> $here people
     * @param list<string> $writing names of others whose lines are still on their way
     * @param bool $isClosing whether somebody is about to close it
     */
    public function __construct(public array $here, public array $writing, public bool $isClosing)
    {
    }
}
