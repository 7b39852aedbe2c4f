<?php

declare(strict_types=1);

namespace App\Actions\Meetings;

use App\Actions\Goals\GoalDraft;
use App\Actions\Goals\SaveGoal;
use App\Actions\Projects\ProjectDraft;
use App\Actions\Projects\SaveProject;
use App\Models\AgendaItem;
use App\Models\Issue;
use App\Models\Person;
use App\Models\Series;
use App\Models\Workspace;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Meetings\Outcome;

/** What becomes of an issue. One that is settled leaves the agenda; what is postponed, or moved, comes up again, older. */
final readonly class SettleIssue
{
    public function __construct(
        private ChangeLog $log,
        private Workspace $workspace,
        private SaveProject $saveProject,
        private SaveGoal $saveGoal,
    ) {
    }

    /**
     * @param ?Outcome $outcome null to reopen it
     * @param ?Series $to the other meeting, of one that moves there
     * @param ?Day $returnOn of one that is shelved, if it is to come back by itself
     *
     * @throws RefusedChange when the minutes are final, or the item is no issue
     */
    public function __invoke(Person $who, AgendaItem $item, ?Outcome $outcome, ?Series $to = null, ?Day $returnOn = null): void
    {
        RunMeeting::refuseFinal($item->meeting);
        $issue = $item->issue ?? throw new RefusedChange('outcome', 'Only an issue has an outcome.');

        $this->log->change($who, self::words($issue, $outcome), function () use ($who, $item, $issue, $outcome, $to, $returnOn): void {
            $this->takeBack($item, $issue);
            $settled = $outcome !== null && $outcome->settles();
            $item->update(['outcome' => $outcome]);
            $issue->update([
                'outcome' => $settled ? $outcome : null,
                'settled_on' => $settled ? $item->meeting->on : null,
                'return_on' => $outcome === Outcome::Shelved ? $returnOn : null,
                ...match ($outcome) {
                    // Once it was made, it is not made again.
                    Outcome::Project => [
                        'became_project_id' => $issue->became_project_id ?? ($this->saveProject)($who, $this->project($issue))->id,
                    ],
                    Outcome::Goal => ['became_goal_id' => $issue->became_goal_id ?? ($this->saveGoal)($who, $this->goal($issue))->id],
                    Outcome::OtherMeeting => $this->moved($issue, $to),
                    default => [],
                },
            ]);
        });
    }

    /** Of one that had gone to another meeting and is reopened in this one. */
    private function takeBack(AgendaItem $item, Issue $issue): void
    {
        if ($item->outcome === Outcome::OtherMeeting && $issue->series_id !== $item->meeting->series_id) {
            $issue->update(['series_id' => $item->meeting->series_id, 'waited' => max(0, $issue->waited - 1)]);
        }
    }

    /** @return array{series_id: int, waited: int, for_on: null, place: null} */
    private function moved(Issue $issue, ?Series $to): array
    {
        return match (true) {
            $to === null => throw new RefusedChange('series', 'Choose the meeting that is to deal with it.'),
            $to->id === $issue->series_id => throw new RefusedChange('series', 'This issue is already in that meeting.'),
            default => ['series_id' => $to->id, 'waited' => $issue->waited + 1, 'for_on' => null, 'place' => null],
        };
    }

    private function project(Issue $issue): ProjectDraft
    {
        return new ProjectDraft(
            title: $issue->title,
            serves: $issue->goal_id === null ? [] : [['goal' => $issue->goal_id, 'weight' => '1']],
        );
    }

    /** A goal of this quarter, under the one that the issue was for if that is longer. */
    private function goal(Issue $issue): GoalDraft
    {
        $parent = $issue->goal !== null && in_array($issue->goal->horizon, [Horizon::Year, Horizon::Quarter], true) ? $issue->goal : null;

        return new GoalDraft(
            title: $issue->title,
            period: $parent?->horizon === Horizon::Quarter
                ? $parent->period
                : $this->workspace->calendar()->quarterOf($this->workspace->today())->name,
            parent: $parent?->id,
        );
    }

    private static function words(Issue $issue, ?Outcome $outcome): string
    {
        return match ($outcome) {
            null => "Reopened “{$issue->title}”",
            Outcome::NextTime => "Postponed “{$issue->title}”",
            Outcome::OtherMeeting => "Moved “{$issue->title}” to another meeting",
            Outcome::Shelved => "Shelved “{$issue->title}”",
            Outcome::Dropped => "Dropped “{$issue->title}”",
            Outcome::Project => "Made a project of “{$issue->title}”",
            Outcome::Goal => "Made a goal of “{$issue->title}”",
            Outcome::Decided, Outcome::Answered, Outcome::NextSteps => "Settled “{$issue->title}”",
        };
    }
}
