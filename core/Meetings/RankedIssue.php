<?php

declare(strict_types=1);

namespace Loftrin\Core\Meetings;

use Loftrin\Core\Work\Rank;

/** An issue as far as its place on an agenda depends on it. */
final readonly class RankedIssue
{
    /** What an issue takes when nobody has said, in minutes. */
    public const USUAL_MINUTES = 5;

    public int $minutes;

    /**
     * @param bool $servesGoal whether it is tied to an open goal, directly or through its project
     * @param int $waited the meetings it has waited through
     * @param int $raised its place in the order raised
     * @param ?int $place that somebody gave it by hand; those that have one come first
     */
    public function __construct(
        public string $id,
        public ?Rank $rank = null,
        public bool $servesGoal = false,
        public int $waited = 0,
        public int $raised = 0,
        ?int $minutes = null,
        public ?int $place = null,
    ) {
        $this->minutes = $minutes ?? self::USUAL_MINUTES;
    }
}
