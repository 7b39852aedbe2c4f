<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Parts\Answers\CommentRow;
use App\Queries\Parts\Answers\Option;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Meetings\Outcome;

/** An issue with its whole path: where it came from, in which meetings it was, what became of it. */
final readonly class IssueView implements Props
{
    /**
     * @param ?string $source where it comes from, in words
     * @param ?IssueLink $about the task that it is about
     * @param ?Day $forOn the one meeting for which it is
     * @param ?Day $returnOn of a shelved one: when it comes back
     * @param ?IssueLink $became the project or goal
     * @param list<IssueStop> $path the meetings in which it was, oldest first
     * @param list<CommentRow> $comments the oldest first
     * @param list<Option> $projects
     * @param list<Option> $goals
     */
    public function __construct(
        public IssueRow $issue,
        public string $series,
        public string $seriesLink,
        public ?string $source,
        public ?int $minutes,
        public ?int $goal,
        public ?int $project,
        public ?int $task,
        public ?IssueLink $about,
        public ?Day $forOn,
        public ?Outcome $outcome,
        public ?Day $settledOn,
        public ?Day $returnOn,
        public ?IssueLink $became,
        public array $path,
        public array $comments,
        public array $projects,
        public array $goals,
        public bool $mayChange,
    ) {
    }
}
