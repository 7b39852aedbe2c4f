<?php

declare(strict_types=1);

namespace App\Actions\Meetings;

use App\Actions\Projects\ProjectRules;
use App\Models\Goal;
use App\Models\Issue;
use App\Models\Person;
use App\Models\Series;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Meetings\MeetingDays;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Meetings\Outcome;

/** Something a meeting should deal with once, raised at any time and from anywhere. */
final readonly class RaiseIssue
{
    public function __construct(private ChangeLog $log, private Workspace $workspace)
    {
    }

    /** @throws RefusedChange when it is tied to what not all who read it may see */
    public function __invoke(Person $who, Series $series, IssueDraft $draft): Issue
    {
        $this->refuseHidden($who, $draft);

        return $this->log->change(
            $who,
            "Raised “{$draft->title}”",
            fn(): Issue => Issue::query()->create([
                'series_id' => $series->id,
                'raised_by' => $who->id,
                'raised_on' => $this->workspace->today(),
                'waited' => 0,
                ...self::columns($draft),
            ]),
        );
    }

    /**
     * Says something else of it. Who raised it, and when, stays.
     *
     * @throws RefusedChange when it is settled, or tied to what not all may see
     */
    public function change(Person $who, Issue $issue, IssueDraft $draft): void
    {
        if ($issue->outcome !== null) {
            throw new RefusedChange('title', 'This issue is settled: reopen it first.');
        }

        $this->refuseHidden($who, $draft);
        $this->log->change($who, "Changed “{$draft->title}”", static fn() => $issue->update(self::columns($draft)));
    }

    /**
     * Moves an issue that is tied to one meeting to the one after it.
     *
     * @throws RefusedChange when it is tied to none, or none comes after it
     */
    public function toNext(Person $who, Issue $issue): void
    {
        $next =
            $issue->for_on === null
                ? null
                : MeetingDays::next($issue->series->loadMissing(['meetings', ...Series::DAYS]), $issue->for_on->plus(1));

        if ($next === null || $issue->outcome !== null) {
            throw new RefusedChange('forOn', 'There is no later meeting for this issue.');
        }

        $this->log->change(
            $who,
            "Moved “{$issue->title}” to $next->on",
            static fn() => $issue->update(['for_on' => $next->on, 'waited' => $issue->waited + 1, 'place' => null]),
        );
    }

    /** @throws RefusedChange when it is settled */
    public function withdraw(Person $who, Issue $issue): void
    {
        if ($issue->outcome !== null) {
            throw new RefusedChange('issue', 'This issue is settled already.');
        }

        $this->log->change(
            $who,
            "Withdrew “{$issue->title}”",
            fn() => $issue->update([
                'outcome' => Outcome::Dropped,
                'settled_on' => $this->workspace->today(),
            ]),
        );
    }

    /** @return array<string, mixed> */
    private static function columns(IssueDraft $draft): array
    {
        return [
            'title' => $draft->title,
            'context' => $draft->context,
            'source' => $draft->source,
            'need' => $draft->need,
            'rank' => $draft->rank,
            'minutes' => $draft->minutes,
            'goal_id' => $draft->goal,
            'project_id' => $draft->project,
            'task_id' => $draft->task,
            'for_on' => $draft->for,
        ];
    }

    private function refuseHidden(Person $who, IssueDraft $draft): void
    {
        ProjectRules::refuseUnnamable($who, $draft->project);

        match (true) {
            $draft->goal !== null && Goal::query()->openToAll()->whereKey($draft->goal)->doesntExist() => throw new RefusedChange(
                'goal',
                'An issue can only be linked to a goal visible to everyone.',
            ),
            $draft->task !== null && Task::query()->visibleTo($who)->whereKey($draft->task)->doesntExist() => throw new RefusedChange(
                'task',
                'This task no longer exists.',
            ),
            default => null,
        };
    }
}
