<?php

declare(strict_types=1);

namespace App\Queries\Day\Answers;

use App\Queries\Props;

/** A pass that is due, or done: sort the tray, plan the week, hold a meeting, look back. */
final readonly class DuePass implements Props
{
    /**
     * @param string $kind "tray", "plan", "meeting", "review", "close" or "planning" with the stretch
     * @param string $title what to do
     * @param string $detail what it is about
     * @param bool $isNow whether it is going on at this moment
     */
    public function __construct(
        public string $kind,
        public string $title,
        public string $detail,
        public string $link,
        public bool $isDue,
        public bool $isNow = false,
    ) {
    }
}
