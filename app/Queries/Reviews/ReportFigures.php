<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Goal;
use App\Models\Report;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Goals\GoalChanges;
use App\Queries\Goals\GoalRows;
use App\Queries\Hours\DoneHours;
use App\Queries\Parts\Markdown;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Reviews\LiveFigures;

/** A report's text with its figures, as of the end of its span or today. Only what everybody may see has one. */
final readonly class ReportFigures
{
    /** What stands in place of the figure of a goal that not everybody may see, or that is gone. */
    public const NONE = '(no figure: not everyone can see this goal)';

    public function __construct(private Workspace $workspace, private GoalRows $rows, private DoneHours $hours)
    {
    }

    /** To the letter as it went out, once it was sent. */
    public function filled(Report $report): string
    {
        if ($report->sent_words !== null) {
            return $report->sent_words;
        }

        $goals = $this->goals(LiveFigures::goals($report->words), $report);
        [$done, $minutes] = $this->done($report);

        return LiveFigures::fill(
            $report->words,
            static fn(int $goal): string => $goals[$goal] ?? self::NONE,
            $done === 1 ? '1 task' : "$done tasks",
            self::hours($minutes),
        );
    }

    /**
     * @param list<int> $ids
     *
     * @return array<int, string> where each stands, by its id
     */
    private function goals(array $ids, Report $report): array
    {
        $on = (new Span($report->first, $report->last))->asOf($this->workspace->today());
        $goals = Goal::query()->openToAll()->whereKey($ids)->get()->keyBy('id');
        $rows = $this->rows->only(
            array_values($goals->modelKeys()),
            $this->workspace->calendar()->yearOf($on),
            $report->person,
            $on,
        );
        $words = [];

        foreach ($rows as $id => $row) {
            $words[$id] = Markdown::inline(
                implode(
                    ', ',
                    array_filter(
                        [$row->gauge->terms, $row->gauge->standing, $row->isClosed ? '' : $this->closedSince($goals[$id] ?? null)],
                        static fn(string $part): bool => $part !== '',
                    ),
                ),
            );
        }

        return $words;
    }

    /** What became of a goal after the span, in the middle of its own period. */
    private function closedSince(?Goal $goal): string
    {
        return $goal?->closed_on === null || $goal->result === null
            ? ''
            : GoalChanges::result($goal->result)." on {$goal->closed_on->words($this->workspace->today())}";
    }

    /** @return array{int, int} how many tasks were done that everybody may see, and their minutes */
    private function done(Report $report): array
    {
        $tasks = Task::query()
            ->openToAll()
            ->when($report->audience->isOfOwnWork(), static fn(Builder $query) => $query->where('owner_id', $report->person_id));
        $done = $tasks->clone()->whereBetween('done_on', [(string) $report->first, (string) $report->last])->count();
        $ledger = $this->hours->account(new Span($report->first, $report->last), $tasks, null)->ledger;

        return [$done, (int) $ledger->minutes->rounded(0)];
    }

    private static function hours(int $minutes): string
    {
        $hours = (int) round($minutes / 60);

        return $hours === 0 ? "$minutes min" : "$hours h";
    }
}
