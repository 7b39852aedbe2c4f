<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\Goal;
use App\Models\Issue;
use App\Models\Meeting;
use App\Models\Series;
use App\Models\StandingItem;
use App\Models\Task;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Meetings\Agenda;
use Loftrin\Core\Meetings\RankedIssue;

/** What the agenda of a series is worked out from. */
final readonly class AgendaInStore
{
    /**
     * Those that are for the next meeting, or for any.
     *
     * @param ?Day $on of the meeting for which they are asked; null for all
     *
     * @return Collection<int, Issue> by id, in the order raised
     */
    public function openIssues(Series $series, ?Day $on = null): Collection
    {
        return Issue::query()
            ->where('series_id', $series->id)
            ->whereNull('outcome')
            // One that is tied to a meeting that has passed is not lost: it is there at the next.
            ->when(
                $on !== null,
                static fn(Builder $query) => $query->where(
                    static fn(Builder $either) => $either->whereNull('for_on')->orWhere('for_on', '<=', (string) $on),
                ),
            )
            ->with(['goal', 'project.contributions.goal', 'raisedBy'])
            ->orderBy('id')
            ->get()
            ->keyBy('id');
    }

    /**
     * @param Collection<int, Issue> $issues
     *
     * @return list<RankedIssue>
     */
    public function ranked(Collection $issues): array
    {
        return array_values($issues->map(self::rankedIssue(...))->all());
    }

    /** @param Issue $issue with its goal, and its project's */
    public static function rankedIssue(Issue $issue): RankedIssue
    {
        return new RankedIssue(
            id: (string) $issue->id,
            rank: $issue->rank,
            servesGoal: self::servesOpenGoal($issue),
            waited: $issue->waited,
            raised: $issue->id,
            minutes: $issue->minutes,
            place: $issue->place,
        );
    }

    /**
     * Next steps from earlier meetings of the series that are open, or were done since its last meeting;
     * late ones first.
     *
     * @return Builder<Task>
     */
    public function followUps(Series $series, ?Meeting $before = null): Builder
    {
        $earlier = $series
            ->meetings()
            ->whereNotNull('closed_at')
            ->when($before !== null, static fn(Builder $query) => $query->where('on', '<', (string) $before?->on));
        $last = (clone $earlier)->reorder('on', 'desc')->first()?->on;

        return Task::query()
                ->whereHas('agendaItem', static fn(Builder $items) => $items->whereIn('meeting_id', (clone $earlier)->select('id')))
                ->whereNull('dropped_on')
                ->whereNull('shelved_on')
                ->where(
                    static fn(Builder $either) => $either->whereNull('done_on')->orWhere('done_on', '>=', (string) ($last ?? '9999-12-31')),
                )
                ->orderByRaw('done_on is not null')
                ->orderByRaw('due_on is null, due_on')
                ->orderBy('id');
    }

    /**
     * Minutes for issues: of the meeting − opening − standing items − follow-ups − closing.
     *
     * @param int $followUps how many there are in its next meeting
     * @param int $minutes of the whole meeting
     */
    public function timeForIssues(Series $series, int $followUps, int $minutes): int
    {
        return $minutes -
            $series->opening_minutes -
            $series->loadMissing('standingItems')->standingItems->sum(static fn(StandingItem $item): int => $item->minutes) -
            $followUps * Agenda::FOLLOW_UP_MINUTES -
            $series->closing_minutes;
    }

    private static function servesOpenGoal(Issue $issue): bool
    {
        $isOpen = static fn(?Goal $goal): bool => $goal !== null && $goal->closed_on === null;

        return $isOpen($issue->goal) ||
            ($issue->project?->contributions->contains(static fn($link): bool => $isOpen($link->goal)) ?? false);
    }
}
