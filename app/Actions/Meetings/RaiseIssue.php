<?php

declare(strict_types=1);

namespace App\Actions\Meetings;

use App\Models\Goal;
use App\Models\Issue;
use App\Models\Person;
use App\Models\Series;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Meetings\Need;
use Loftrin\Core\Meetings\Outcome;
use Loftrin\Core\Work\Rank;

/** Something a meeting should deal with once, raised at any time. */
final readonly class RaiseIssue
{
    public function __construct(private ChangeLog $log, private Workspace $workspace)
    {
    }

    /**
     * @param ?int $minutes what it will take; null leaves the usual
     *
     * @throws RefusedChange when it is tied to a goal that not all may see
     */
    public function __invoke(
        Person $who,
        Series $series,
        string $title,
        ?string $context = null,
        Need $need = Need::Decision,
        ?Rank $rank = null,
        ?int $minutes = null,
        ?int $goal = null,
        ?int $project = null,
    ): Issue {
        if ($goal !== null && ! Goal::query()->openToAll()->whereKey($goal)->exists()) {
            throw new RefusedChange('goal', 'An issue can only be linked to a goal visible to everyone.');
        }

        return $this->log->change(
            $who,
            "Raised “{$title}”",
            fn(): Issue => Issue::query()->create([
                'series_id' => $series->id,
                'title' => $title,
                'context' => $context,
                'need' => $need,
                'rank' => $rank,
                'minutes' => $minutes,
                'goal_id' => $goal,
                'project_id' => $project,
                'raised_by' => $who->id,
                'raised_on' => $this->workspace->today(),
                'waited' => 0,
            ]),
        );
    }

    public function withdraw(Person $who, Issue $issue): void
    {
        $this->log->change(
            $who,
            "Withdrew “{$issue->title}”",
            fn() => $issue->update([
                'outcome' => Outcome::Dropped,
                'settled_on' => $this->workspace->today(),
            ]),
        );
    }
}
