<?php

declare(strict_types=1);

namespace App\Queries\Hours;

use App\Models\Area;
use App\Models\Goal;
use App\Models\Project;
use App\Models\Task;
use App\Models\Workspace;
use App\Store\Question;
use App\Store\Remembered;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Hours\LedgerEntry;

/** What share of the team's work served goals, week by week and by area. Private tasks and goals are nobody else's to count. */
final readonly class WorkDone
{
    public function __construct(private Workspace $workspace, private Remembered $remembered, private DoneHours $hours)
    {
    }

    /**
     * Threaded ÷ total minutes of the weeks in which anything was done (computation 7).
     *
     * @param list<Period> $weeks one after the other
     *
     * @return array<string, float> 0 to 1, by week
     */
    public function sharesByWeek(array $weeks): array
    {
        $today = $this->workspace->today();
        $past = array_values(array_filter($weeks, static fn(Period $week): bool => $week->isOverOn($today)));

        if ($past === []) {
            return $this->shares($weeks);
        }

        return [
            ...$this->remembered->of(
                Question::ofAll('shares of weeks', $past[0]->name, count($past))->aboutPast(),
                fn(): array => $this->shares($past),
            ),
            ...$this->shares(array_slice($weeks, count($past))),
        ];
    }

    /**
     * @param list<Period> $weeks
     *
     * @return array<string, float>
     */
    private function shares(array $weeks): array
    {
        if ($weeks === []) {
            return [];
        }

        $ledger = $this->hours->ofTeam(new Span($weeks[0]->span->first, end($weeks)->span->last))->ledger;
        $shares = [];

        foreach ($ledger->byWeek($this->workspace->calendar()) as $week => $of) {
            $shares[$week] = $of->alignment()?->rounded() ?? 0.0;
        }

        return $shares;
    }

    /** @return array{threaded: int, minutes: int} of what was done in the span for the area's projects and goals */
    public function inArea(Area $area, Span $span): array
    {
        $asked = Question::ofAll('work done in an area', $area->id, $span->first, $span->last);

        return $this->remembered->of($asked, function () use ($area, $span): array {
            $ofArea = static fn(Builder $within): Builder => $within->where('area_id', $area->id)->select('id');
            $tasks = Task::query()
                ->openToAll()
                ->where(
                    static fn(Builder $either): Builder => $either
                        ->whereIn('project_id', $ofArea(Project::query()))
                        ->orWhereIn('goal_id', $ofArea(Goal::query()))
                        ->orWhereHas('stays', static fn(Builder $stay): Builder => $stay->whereIn('goal_id', $ofArea(Goal::query()))),
                );
            $ledger = $this->hours
                ->account($span, $tasks, null)
                ->ledger->where(static fn(LedgerEntry $entry): bool => $entry->area === (string) $area->id);

            return ['threaded' => (int) $ledger->threaded->rounded(0), 'minutes' => (int) $ledger->minutes->rounded(0)];
        });
    }
}
