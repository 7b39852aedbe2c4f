<?php

declare(strict_types=1);

namespace Loftrin\Core\PlanFile;

use InvalidArgumentException;
use Loftrin\Core\Goals\Goal;
use Loftrin\Core\Goals\Placement;
use Loftrin\Core\Goals\Reading;
use Loftrin\Core\Goals\Succession;
use Loftrin\Core\Work\Doable;
use Loftrin\Core\Work\Task;

/** Reads a plan file, version 1, and refuses one that breaks a rule. */
final class PlanReader
{
    public const FORMAT = 'loftrin-plan';

    public const VERSION = 1;

    private Faults $faults;

    private Sections $sections;

    /** @throws RefusedPlan with one line per fault */
    public static function read(string $json): PlanDocument
    {
        return (new self())->document($json);
    }

    private function __construct()
    {
        $this->faults = new Faults();
    }

    private function document(string $json): PlanDocument
    {
        $this->sections = new Sections($this->top($json), $this->faults);
        [$timezone, $calendar] = (new WorkspaceReader())->read($this->sections->one('workspace'));
        $records = new RecordReader($calendar, $this->sections);

        $this->sections->map('people', 'person', static fn(Record $record): string => $record->label);
        $this->sections->map('areas', 'area', static fn(Record $record): string => $record->label);
        $goals = $this->sections->map('goals', 'goal', $records->goal(...));
        $projects = $this->sections->map('projects', 'project', $records->project(...));
        $recurringTasks = $this->sections->map('recurring', 'recurring', $records->recurring(...));
        $tasks = $this->sections->map(
            'tasks',
            'task',
            static fn(Record $record, string $id): ?Task => $records->task($record, $id, $projects),
        );
        $readings = $this->readings();
        $this->sections->refuseDanglingLinks();
        $this->refuseMisplaced($goals);
        $this->refuseCarrying($goals);
        $this->refuseLoops($tasks);
        $this->faults->refuse();

        return new PlanDocument(
            timezone: $timezone,
            calendar: $calendar,
            goals: $goals,
            readings: $readings,
            projects: $projects,
            recurringTasks: $recurringTasks,
            tasks: array_values($tasks),
        );
    }

    private function top(string $json): Record
    {
        try {
            $content = ExactJson::decode($json);
        } catch (InvalidArgumentException $reason) {
            throw new RefusedPlan(["plan: {$reason->getMessage()}"]);
        }

        if (! is_array($content) || ($content !== [] && array_is_list($content))) {
            throw new RefusedPlan(['plan: the file must hold one JSON object']);
        }

        $top = new Record('plan', $content, $this->faults);

        if ($top->text('format') !== self::FORMAT) {
            throw new RefusedPlan(['plan: format must be "'.self::FORMAT.'"']);
        }

        if ($top->number('version')?->rounded() !== (float) self::VERSION) {
            throw new RefusedPlan(['plan: version must be '.self::VERSION]);
        }

        return $top;
    }

    /** @return array<array-key, list<Reading>> */
    private function readings(): array
    {
        $readings = [];

        foreach ($this->sections->all('readings', 'reading') as $record) {
            $goal = $record->required('goal');
            $on = $record->requiredDay('on');
            $value = $record->requiredNumber('value');

            if ($goal !== null && $on !== null) {
                $this->sections->link($record, 'goal', 'goals', $goal);
                $readings[$goal][] = new Reading($on, $value);
            }
        }

        return $readings;
    }

    /** @param array<array-key, Goal> $goals */
    private function refuseMisplaced(array $goals): void
    {
        $placement = new Placement($goals);

        foreach ($goals as $goal) {
            $fault = $placement->fault($goal);

            if ($fault !== null) {
                $this->faults->add("goal $goal->id", "$fault (parent $goal->parent)");
            }
        }
    }

    /** @param array<array-key, Goal> $goals */
    private function refuseCarrying(array $goals): void
    {
        $succession = new Succession($goals);

        foreach ($goals as $goal) {
            $fault = $succession->fault($goal);

            if ($fault !== null) {
                $this->faults->add("goal $goal->id", $fault);
            }
        }
    }

    /** @param array<array-key, Task> $tasks */
    private function refuseLoops(array $tasks): void
    {
        try {
            Doable::refuseLoop(array_map(static fn(Task $task): array => $task->after, $tasks));
        } catch (InvalidArgumentException $reason) {
            [$record, $rule] = explode(': ', $reason->getMessage(), 2);
            $this->faults->add($record, $rule);
        }
    }
}
