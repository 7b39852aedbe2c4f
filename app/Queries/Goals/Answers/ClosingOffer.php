<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Models\Goal;
use App\Models\Workspace;
use App\Queries\Props;
use Loftrin\Core\Goals\MeasureKind;
use Loftrin\Core\Goals\Readiness;
use Loftrin\Core\Goals\Result;

/** What there is to say as a goal is closed: what the figures propose, and what it would leave open. */
final readonly class ClosingOffer implements Props
{
    /**
     * @param ?Result $proposed what the figures propose: it is for somebody to say
     * @param ?string $because why
     * @param string $next the period in which it would go on
     * @param list<string> $projects titles of the open ones that serve it
     * @param int $tasks its open tasks
     * @param int $beneath open goals beneath it
     */
    private function __construct(
        public ?Result $proposed,
        public ?string $because,
        public string $next,
        public array $projects,
        public int $tasks,
        public int $beneath,
    ) {
    }

    /**
     * On and after its last day what was not met was not met: nobody's year improves because a goal was given up at its
     * end (computation 4).
     *
     * @param list<string> $projects
     */
    public static function of(Goal $goal, ?Readiness $ready, Workspace $workspace, array $projects, int $tasks, int $beneath): self
    {
        $calendar = $workspace->calendar();
        [$proposed, $because] = match (true) {
            $ready === Readiness::Done => [Result::Met, 'Everything is done.'],
            ! $workspace->today()->isBefore($goal->ends_on) && $goal->measure !== MeasureKind::Judged => [
                Result::NotMet,
                'The period ends before it is met. If it were dropped now, the figures above would rise without it.',
            ],
            default => [null, null],
        };

        return new self(
            proposed: $proposed,
            because: $because,
            next: $calendar->upcoming($calendar->period($goal->period), $workspace->today())->name,
            projects: $projects,
            tasks: $tasks,
            beneath: $beneath,
        );
    }
}
