<?php

declare(strict_types=1);

namespace App\Queries\Capture;

use App\Models\Reminder;
use App\Models\Workspace;
use App\Queries\Props;

/** A reminder of today that has a time which is yet to come. */
final readonly class Ticket implements Props
{
    /**
     * @param string $at   on the wall clock of the workspace, HH:MM
     * @param int    $left seconds until then: the browser's own clock may be set to another zone
     */
    public function __construct(public int $id, public string $words, public string $at, public int $left)
    {
    }

    public static function of(Reminder $reminder, Workspace $workspace): self
    {
        $at = $reminder->at ?? '00:00';

        return new self($reminder->id, $reminder->words, $at, max(0, (int) $workspace->now()->diffInSeconds($workspace->now()->setTimeFromTimeString($at))));
    }
}
