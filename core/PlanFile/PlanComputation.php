<?php

declare(strict_types=1);

namespace Loftrin\Core\PlanFile;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Contributor;
use Loftrin\Core\Goals\Forecast;
use Loftrin\Core\Goals\Forecaster;
use Loftrin\Core\Goals\Goal;
use Loftrin\Core\Goals\Measure\Work;
use Loftrin\Core\Goals\Plan;
use Loftrin\Core\Goals\Rollup;
use Loftrin\Core\Hours\Ledger;
use Loftrin\Core\Work\Doable;
use Loftrin\Core\Work\Project;
use Loftrin\Core\Work\ProjectCondition;
use Loftrin\Core\Work\TalliesOfTasks;
use Loftrin\Core\Work\Task;

/** Every figure of a plan as of a day, laid out as the plan file's result. Numbers are rounded here and only here. */
final readonly class PlanComputation
{
    private Rollup $rollup;

    private Forecaster $forecaster;

    public function __construct(private PlanDocument $document, private Day $on)
    {
        $plan = new Plan($document->calendar, $document->goals, $document->projects, $document->readings);
        $this->rollup = new Rollup(
            $plan,
            new TalliesOfTasks($document->projects, $document->recurringTasks, $document->tasks, $plan->periods()),
        );
        $this->forecaster = new Forecaster($document->calendar, $this->rollup);
    }

    /** @return array<string, mixed> ready to be written as JSON */
    public function result(): array
    {
        $doable = new Doable($this->document->projects, $this->document->tasks, $this->on);
        $in = fn(ProjectCondition $condition): array => array_filter(
            $this->document->projects,
            static fn(Project $project): bool => $doable->conditionOf($project) === $condition,
        );
        $ids = static fn(array $records): array => array_values(
            array_map(static fn(Task|Project $record): string => $record->id, $records),
        );

        return [
            'as_of' => (string) $this->on,
            'projects' => (object) array_map($this->project(...), $this->document->projects),
            'goals' => (object) array_map($this->goal(...), $this->document->goals),
            'ledger' => $this->ledger(),
            'now' => $ids($doable->now()),
            'stuck' => $ids($in(ProjectCondition::Stuck)),
            'ready' => $ids($in(ProjectCondition::ReadyToClose)),
        ];
    }

    /** @return array<string, mixed> */
    private function project(Project $project): array
    {
        $figure = $this->rollup->projectFigure($project, $this->on);

        return [
            'progress' => $this->rollup->projectProgress($project, $this->on)?->rounded(),
            'expected' => $figure?->expected?->rounded(),
            'band' => $figure?->band->value,
            'forecast' => self::forecast($this->forecaster->ofProject($project, $this->on)),
        ];
    }

    /** @return array<string, mixed> */
    private function goal(Goal $goal): array
    {
        $figure = $this->rollup->figure($goal, $this->on);

        return [
            'progress' => $figure->progress?->rounded(),
            'expected' => $figure->expected?->rounded(),
            'gap' => $figure->gap()?->rounded(),
            'band' => $figure->band->value,
            ...$goal->measure instanceof Work
                ? ['contributors' => array_map(self::contributor(...), $this->rollup->contributors($goal, $this->on))]
                : [],
            'forecast' => self::forecast($this->forecaster->of($goal, $this->on)),
        ];
    }

    /** @return array<string, mixed> */
    private static function contributor(Contributor $line): array
    {
        return [
            'kind' => $line->kind->value,
            'id' => $line->id,
            'weight' => $line->weight->rounded(),
            'progress' => $line->progress?->rounded(),
            'points' => $line->points()->rounded(),
            'left_out' => $line->leftOut?->value,
        ];
    }

    /** @return ?array<string, mixed> */
    private static function forecast(?Forecast $forecast): ?array
    {
        return $forecast === null
            ? null
            : [
                'increments' => $forecast->increments,
                'chance' => round($forecast->chance, 4),
                'likely_on' => $forecast->likelyOn === null ? null : (string) $forecast->likelyOn,
                'safe_on' => $forecast->safeOn === null ? null : (string) $forecast->safeOn,
            ];
    }

    /** @return array<string, mixed> */
    private function ledger(): array
    {
        $week = $this->document->calendar->weekOf($this->on);
        $ledger = Ledger::of(
            new Span($week->span->first, $this->on),
            $this->document->tasks,
            $this->document->projects,
            $this->document->recurringTasks,
            $this->document->goals,
        );
        $rounded = static fn(array $minutes): object => (object) array_map(static fn(Fraction $part): float => $part->rounded(), $minutes);

        return [
            'week' => $week->name,
            'minutes' => $ledger->minutes->rounded(),
            'threaded' => $ledger->threaded->rounded(),
            'alignment' => $ledger->alignment()?->rounded(),
            'by_goal' => $rounded($ledger->byGoal),
            'by_area' => $rounded($ledger->byArea),
        ];
    }
}
