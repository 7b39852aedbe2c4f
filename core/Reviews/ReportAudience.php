<?php

declare(strict_types=1);

namespace Loftrin\Core\Reviews;

/** For whom a report is written. */
enum ReportAudience: string
{
    case Manager = 'manager';
    case Board = 'board';
    case Team = 'team';

    /** Whether it is about the writer's own work, and not about that of everybody. */
    public function isOfOwnWork(): bool
    {
        return $this === self::Manager;
    }
}
