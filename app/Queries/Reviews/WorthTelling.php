<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Answer;
use App\Models\LogLine;
use App\Models\Person;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Plan\StoredPlans;
use App\Queries\Reviews\Answers\TellingLine;
use App\Queries\Reviews\Answers\TellingView;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Gate;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Reviews\TellingSource;

/** What was marked as worth telling: tasks of everybody that one may see, and lines of one's own. */
final readonly class WorthTelling
{
    public function __construct(private Workspace $workspace, private StoredPlans $plans)
    {
    }

    /** @param ?int $whose null for everybody */
    public function page(Person $viewer, Span $span, ?int $whose): TellingView
    {
        return new TellingView($span->first, $span->last, $whose, $this->of($viewer, $span, $whose), PersonTag::all());
    }

    /**
     * @param ?int $whose null for everybody
     *
     * @return list<TellingLine> the last first
     */
    public function of(Person $viewer, Span $span, ?int $whose): array
    {
        $lines = [
            ...$this->tasks($viewer, $span, $whose),
            ...$whose === null || $whose === $viewer->id ? [...$this->log($viewer, $span), ...$this->answers($viewer, $span)] : [],
        ];
        usort(
            $lines,
            static fn(TellingLine $a, TellingLine $b): int => [$b->on->number, $a->source->value, $b->id] <=> [
                $a->on->number,
                $b->source->value,
                $a->id,
            ],
        );

        return $lines;
    }

    /** @return list<TellingLine> */
    private function tasks(Person $viewer, Span $span, ?int $whose): array
    {
        $threads = $this->plans->threads($viewer, $this->workspace->calendar()->weekOf($span->last));

        return array_values(
            Task::query()
                ->visibleTo($viewer)
                ->where('is_worth_telling', true)
                ->whereBetween('done_on', [(string) $span->first, (string) $span->last])
                ->when($whose !== null, static fn(Builder $query) => $query->where('owner_id', $whose))
                ->with(['owner', 'recurringTask.currentContributions'])
                ->orderBy('id')
                ->get()
                ->map(
                    static fn(Task $task): TellingLine => new TellingLine(
                        TellingSource::Task,
                        $task->id,
                        $task->done_on ?? $span->last,
                        $task->title,
                        PersonTag::of($task->owner),
                        $threads->ofWork($task->goal_id, $task->project_id, $task->recurringTask?->currentContributions->first()?->goal_id),
                        route('tasks.show', $task->id, false),
                        Gate::forUser($viewer)->allows('update', $task),
                    ),
                )
                ->all(),
        );
    }

    /** @return list<TellingLine> */
    private function log(Person $viewer, Span $span): array
    {
        return array_values(
            LogLine::query()
                ->where('person_id', $viewer->id)
                ->where('is_worth_telling', true)
                ->whereBetween('on', [(string) $span->first, (string) $span->last])
                ->get()
                ->map(
                    static fn(LogLine $line): TellingLine => new TellingLine(
                        TellingSource::Log,
                        $line->id,
                        $line->on,
                        $line->words,
                        PersonTag::of($viewer),
                        null,
                        route('days.show', (string) $line->on, false),
                        true,
                    ),
                )
                ->all(),
        );
    }

    /** @return list<TellingLine> of reviews whose period meets the span */
    private function answers(Person $viewer, Span $span): array
    {
        $lines = [];

        foreach (Answer::query()->written()->of($viewer)->where('is_worth_telling', true)->with('review:id,period')->get() as $answer) {
            $period = $this->workspace->calendar()->period($answer->review->period);

            if (! $period->span->last->isBefore($span->first) && ! $period->span->first->isAfter($span->last)) {
                $lines[] = new TellingLine(
                    TellingSource::Answer,
                    $answer->id,
                    $period->span->last->isAfter($span->last) ? $span->last : $period->span->last,
                    $answer->words,
                    PersonTag::of($viewer),
                    null,
                    route('reviews.show', $period->name, false),
                    true,
                );
            }
        }

        return $lines;
    }
}
