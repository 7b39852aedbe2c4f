<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Goal;
use App\Models\Report;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Goals\GoalRows;
use App\Queries\Parts\Markdown;
use Illuminate\Database\Eloquent\Builder;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Reviews\LiveFigures;
use Loftrin\Core\Work\Ledger;

/** A report's text with its figures, as of the end of its span or today. Only what everybody may see has one. Rules: guide R5. */
final readonly class ReportFigures
{
    /** What stands in place of the figure of a goal that not everybody may see, or that is gone. */
    public const NONE = '(no figure: not everyone can see this goal)';

    public function __construct(private Workspace $workspace, private GoalRows $rows)
    {
    }

    /** To the letter as it went out, once it was sent. */
    public function filled(Report $report): string
    {
        if ($report->sent_words !== null) {
            return $report->sent_words;
        }

        $goals = $this->goals(LiveFigures::goals($report->words), $report);
        [$done, $minutes] = self::done($report);

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
        $open = Goal::query()->openToAll()->whereKey($ids)->pluck('id')->all();
        $rows = $this->rows->only(
            array_values(array_map(static fn(mixed $id): int => is_int($id) ? $id : 0, $open)),
            $this->workspace->calendar()->yearOf($on),
            $report->person,
            $on,
        );
        $words = [];

        foreach ($rows as $id => $row) {
            $words[$id] = Markdown::inline(
                implode(', ', array_filter([$row->gauge->terms, $row->gauge->standing], static fn(string $part): bool => $part !== '')),
            );
        }

        return $words;
    }

    /** @return array{int, int} how many tasks were done that everybody may see, and their minutes */
    private static function done(Report $report): array
    {
        $sums = Task::query()
            ->openToAll()
            ->whereBetween('done_on', [(string) $report->first, (string) $report->last])
            ->when($report->audience->isOfOwnWork(), static fn(Builder $query) => $query->where('owner_id', $report->person_id))
            ->toBase()
            ->selectRaw('count(*) as done, coalesce(sum(coalesce(minutes, ?)), 0) as minutes', [Ledger::USUAL_MINUTES])
            ->first();

        return [(int) ($sums->done ?? 0), (int) ($sums->minutes ?? 0)];
    }

    private static function hours(int $minutes): string
    {
        $hours = (int) round($minutes / 60);

        return $hours === 0 ? "$minutes min" : "$hours h";
    }
}
