<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Models\Issue;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Plan\Answers\Cord;
use App\Queries\Plan\Threads;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Meetings\Need;
use Loftrin\Core\Meetings\RankedIssue;
use Loftrin\Core\Work\Rank;

final readonly class IssueRow implements Props
{
    /**
     * @param ?string $for the project or goal it is tied to
     * @param int $waited the meetings it has waited through
     */
    public function __construct(
        public int $id,
        public string $title,
        public ?string $context,
        public Need $need,
        public ?Rank $rank,
        public int $minutes,
        public PersonTag $raisedBy,
        public Day $raisedOn,
        public int $waited,
        public ?string $for,
        public ?Cord $cord,
    ) {
    }

    public static function of(Issue $issue, Threads $threads): self
    {
        return new self(
            id: $issue->id,
            title: $issue->title,
            context: $issue->context,
            need: $issue->need,
            rank: $issue->rank,
            minutes: $issue->minutes ?? RankedIssue::USUAL_MINUTES,
            raisedBy: PersonTag::of($issue->raisedBy),
            raisedOn: $issue->raised_on,
            waited: $issue->waited,
            for: $issue->project?->openTitle() ?? $threads->titleOf($issue->goal),
            cord: $issue->goal_id !== null ? $threads->ofGoal($issue->goal_id) : $threads->ofProject($issue->project_id),
        );
    }
}
