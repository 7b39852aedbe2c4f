<?php

declare(strict_types=1);

namespace Loftrin\Core\Hours;

use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Goal;
use Loftrin\Core\Work\Project;
use Loftrin\Core\Work\RecurringTask;
use Loftrin\Core\Work\Task;

/**
 * What was done in a span, and whether it served the goals, in minutes: one account of hours, whose slices are sums over the same
 * entries and add up to the whole. Rules: computation 7.
 */
final readonly class Ledger
{
    /** What a task without an estimate weighs, in minutes. */
    public const USUAL_MINUTES = 30;

    public Fraction $minutes;

    public Fraction $threaded;

    /** @var array<array-key, Fraction> minutes by the top goal of the thread */
    public array $byGoal;

    /** @var array<array-key, Fraction> minutes by area; those with none under "" */
    public array $byArea;

    /** @var array<array-key, Fraction> minutes by main effort; those on none under "" */
    public array $byEffort;

    /** @var array<array-key, Fraction> minutes by person */
    public array $byPerson;

    /** @var array<array-key, list<string>> ids of the tasks behind each goal; those that are not threaded under "" */
    public array $tasksByGoal;

    /** @var array<array-key, list<string>> likewise by area */
    public array $tasksByArea;

    /** @param list<LedgerEntry> $entries */
    private function __construct(public array $entries)
    {
        $this->minutes = self::sum($entries);
        $this->threaded = self::sum(array_filter($entries, static fn(LedgerEntry $entry): bool => $entry->goals !== []));
        [$byGoal, $tasksByGoal, $tasksByArea] = [[], [], []];
        $this->byArea = self::sums($entries, static fn(LedgerEntry $entry): string => $entry->area);
        $this->byEffort = self::sums($entries, static fn(LedgerEntry $entry): string => $entry->effort);
        $this->byPerson = self::sums($entries, static fn(LedgerEntry $entry): string => $entry->person);

        foreach ($entries as $entry) {
            $tasksByArea[$entry->area][] = $entry->task;

            foreach ($entry->goals as $goal => $share) {
                $byGoal[$goal] = ($byGoal[$goal] ?? Fraction::zero())->plus($entry->minutes->times($share));
                $tasksByGoal[$goal][] = $entry->task;
            }

            if ($entry->goals === []) {
                $tasksByGoal[''][] = $entry->task;
            }
        }

        [$this->byGoal, $this->tasksByGoal, $this->tasksByArea] = [$byGoal, $tasksByGoal, $tasksByArea];
    }

    /**
     * @param iterable<Task> $tasks those done outside the span are passed over
     * @param array<array-key, Project> $projects by id
     * @param array<array-key, RecurringTask> $recurringTasks by id
     * @param array<array-key, Goal> $goals by id: those that are linked, and all above them
     */
    public static function of(Span $span, iterable $tasks, array $projects, array $recurringTasks, array $goals): self
    {
        $threads = new WorkThreads($projects, $recurringTasks, $goals);
        $entries = [];

        foreach ($tasks as $task) {
            $on = $task->life->doneOn;

            if ($on !== null && $span->holds($on)) {
                $entries[] = $threads->entry($task, $on);
            }
        }

        return new self($entries);
    }

    /** The same account of those days alone. */
    public function during(Span $span): self
    {
        return $this->where(static fn(LedgerEntry $entry): bool => $span->holds($entry->on));
    }

    /** @return array<string, self> the same account week by week, by the name of each in which anything was done */
    public function byWeek(Calendar $calendar): array
    {
        $byWeek = [];
        $weeks = [];

        foreach ($this->entries as $entry) {
            $week = $weeks[$entry->on->number] ??= $calendar->weekOf($entry->on)->name;
            $byWeek[$week][] = $entry;
        }

        return array_map(static fn(array $entries): self => new self($entries), $byWeek);
    }

    /** @param callable(LedgerEntry): bool $isOf which entries it is an account of */
    public function where(callable $isOf): self
    {
        return new self(array_values(array_filter($this->entries, $isOf)));
    }

    /** Threaded ÷ total, 0 to 1; null with nothing done. */
    public function alignment(): ?Fraction
    {
        return $this->minutes->isZero() ? null : $this->threaded->over($this->minutes);
    }

    /**
     * @param list<LedgerEntry> $entries
     * @param callable(LedgerEntry): string $of
     *
     * @return array<array-key, Fraction> minutes by what the entries are of
     */
    private static function sums(array $entries, callable $of): array
    {
        $sums = [];

        foreach ($entries as $entry) {
            $key = $of($entry);
            $sums[$key] = ($sums[$key] ?? Fraction::zero())->plus($entry->minutes);
        }

        return $sums;
    }

    /** @param array<array-key, LedgerEntry> $entries */
    private static function sum(array $entries): Fraction
    {
        $plus = static fn(Fraction $sum, LedgerEntry $entry): Fraction => $sum->plus($entry->minutes);

        return array_reduce($entries, $plus, Fraction::zero());
    }
}
