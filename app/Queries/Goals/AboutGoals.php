<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Answer;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Parts\Answers\AnswerLine;
use App\Queries\Parts\WrittenLines;

/** What a person wrote in their reviews about the goals of some periods: it comes back where these are planned or closed. */
final readonly class AboutGoals
{
    public function __construct(private Workspace $workspace)
    {
    }

    /**
     * @param list<string> $periods names
     *
     * @return list<AnswerLine> their own, goal by goal
     */
    public function of(Person $viewer, array $periods): array
    {
        $goals = Goal::query()->visibleTo($viewer)->whereIn('period', $periods)->pluck('title', 'id');
        $titles = WrittenLines::titles($viewer);
        $lines = [];

        foreach (
            Answer::query()
                ->written()
                ->of($viewer)
                ->whereIn('goal_id', $goals->keys())
                ->with('review:id,period')
                ->orderBy('goal_id')
                ->orderBy('id')
                ->get() as $answer
        ) {
            $title = $goals->get($answer->goal_id);
            $lines[] = AnswerLine::ofAnswer(
                $answer,
                $titles[$answer->question] ?? '',
                $this->workspace->calendar()->period($answer->review->period)->span->last,
                goal: is_string($title) ? $title : null,
            );
        }

        return $lines;
    }
}
