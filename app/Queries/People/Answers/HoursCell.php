<?php

declare(strict_types=1);

namespace App\Queries\People\Answers;

use App\Queries\Props;

/** A person's hours of a week, in minutes. */
final readonly class HoursCell implements Props
{
    /**
     * @param int $taken by meetings
     * @param int $planned with open tasks
     * @param int $available after meetings
     * @param int $against how many meetings and appointments go against hours that the person keeps
     */
    public function __construct(public string $week, public int $taken, public int $planned, public int $available, public int $against)
    {
    }
}
