<?php

declare(strict_types=1);

namespace Database\Demo;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;

/**
 * Projects with their stages and tasks, spread over the year as a company's real ones are.
 *
 * @phpstan-import-type ProjectScript from Projects
 */
final class Work
{
    /** Estimates in minutes; some tasks have none. */
    private const MINUTES = [15, 30, 30, 45, 60, 60, 90, 120, 180, null, null];

    /** @var array<string, int> */
    private array $projects = [];

    public function __construct(
        private readonly Rows $rows,
        private readonly Stage $stage,
        private readonly People $people,
        private readonly Goals $goals,
    ) {
    }

    public function add(): void
    {
        foreach (Projects::ALL as $project) {
            $this->project($project);
        }
    }

    public function projectId(string $title): int
    {
        return $this->projects[$title];
    }

    /** Notes a project that was made elsewhere. */
    public function made(string $title, int $id): int
    {
        return $this->projects[$title] = $id;
    }

    /**
     * A task with everything left open that is not given.
     *
     * @param array<string, mixed> $columns
     */
    public function task(array $columns, Day|Period|null $planned = null): int
    {
        $title = is_string($columns['title'] ?? null) ? $columns['title'] : '';

        return $this->rows->add('tasks', [
            ...array_fill_keys(['notes', 'project_id', 'goal_id', 'stage_id', 'done_on', 'dropped_on', 'shelved_on', 'due_on'], null),
            'position' => $this->rows->count('tasks'),
            'visibility' => 'everyone',
            'planned' => $planned,
            'planned_from' => $planned instanceof Period ? $planned->span->first : $planned,
            'planned_to' => $planned instanceof Period ? $planned->span->last : $planned,
            'carried' => 0,
            ...array_fill_keys(['waiting_on', 'waiting_since', 'rank', 'agenda_item_id'], null),
            'minutes' => $this->stage->dice->pick(self::MINUTES),
            'changed_on' => $columns['done_on'] ?? $columns['created_on'] ?? null,
            'main_effort_id' => GoalParts::effortOf($title),
            'focus' => Manner::focus($title),
            'place' => Manner::place($title),
            ...$columns,
        ]);
    }

    /** @param ProjectScript $script */
    private function project(array $script): void
    {
        $from = $this->stage->year->span->first->plus(7 * $script['from']);
        $due = $this->stage->worked($from->plus(7 * $script['weeks'] - 3));
        $state = $script['state'];
        $title = $script['title'];
        $id = $this->projects[$title] = $this->rows->add('projects', [
            'title' => $title,
            'outcome' => $script['outcome'],
            'owner_id' => $this->people->id($script['owner']),
            'area_id' => $this->people->area($script['area']),
            'weighing' => $script['weighing'] ?? 'count',
            'order' => $script['order'],
            'state' => $state,
            'state_on' => match ($state) {
                'done' => $due,
                'dropped' => $this->stage->worked($this->stage->quarter(3)->span->first->plus(9)),
                default => $from,
            },
            'created_on' => $from->plus(-7),
            'starts_on' => $from,
            'due_on' => $due,
            ...Charters::of($title, $this->stage),
        ]);
        Charters::add($title, $id, $this->rows, $this->stage);

        foreach ($script['serves'] as $goal => $weight) {
            $this->rows->add('contributions', ['project_id' => $id, 'goal_id' => $this->goals->id($goal), 'weight' => $weight]);
        }

        $this->tasks($script, $id, $this->stages($script, $id), $from, $due);
    }

    /**
     * @param ProjectScript $script
     *
     * @return list<int>
     */
    private function stages(array $script, int $project): array
    {
        $ids = [];

        foreach ($script['stages'] as $position => $name) {
            $ids[] = $this->rows->add('stages', ['project_id' => $project, 'position' => $position, 'name' => $name]);
        }

        return $ids;
    }

    /**
     * @param ProjectScript $script
     * @param list<int> $stages
     */
    private function tasks(array $script, int $project, array $stages, Day $from, Day $due): void
    {
        $titles = array_slice(Projects::titles($script), 0, $script['tasks']);
        $isDone = (int) round(count($titles) * $script['done'] / 100);
        $until = min($due->number, $this->stage->yesterday()->number);
        $team = $script['team'];
        $first = null;

        foreach ($titles as $place => $title) {
            $stage = $stages === [] ? null : $stages[min(count($stages) - 1, intdiv($place * count($stages), count($titles)))];
            $way = $from->number + intdiv(($until - $from->number) * ($place + 1), max(1, $isDone));
            $columns = [
                'title' => $title,
                'project_id' => $project,
                'stage_id' => $stage,
                'owner_id' => $this->people->id($this->stage->dice->falls(50) ? $team[0] : $this->stage->dice->pick([...$team, 'noor'])),
                'created_on' => $from->plus(min($place, 6)),
            ];

            if ($place < $isDone) {
                $this->doneTask(
                    $columns,
                    $this->stage->worked(Day::ofNumber(min($until, $way - $this->stage->dice->between(0, 4)))),
                    $from,
                );

                continue;
            }

            $id = $this->openTask($columns, $script, $place - $isDone, $due);
            $first ??= $id;

            if (($script['stuck'] ?? false) === true && $id !== $first) {
                $this->rows->add('dependencies', ['task_id' => $id, 'after_id' => $first]);
            }
        }

        if (($script['stuck'] ?? false) === true && $first !== null) {
            // What all the rest waits for was put off: nothing can be done now.
            $shelved = $this->task([
                'title' => 'Decide which duties Noor gives away first',
                'project_id' => $project,
                'owner_id' => $this->people->id('noor'),
                'created_on' => $from,
                'shelved_on' => $this->stage->worked($this->stage->today->plus(-30)),
            ]);
            $this->rows->add('dependencies', ['task_id' => $first, 'after_id' => $shelved]);
        }
    }

    /** @param array<string, mixed> $columns */
    private function doneTask(array $columns, Day $done, Day $from): void
    {
        $done = $done->isBefore($from) ? $from : $done;
        $this->task([
            ...$columns, 'done_on' => $done, 'created_on' => $this->earlier($columns['created_on'], $done),
        ], $this->stage->calendar->weekOf($done));
    }

    private function earlier(mixed $created, Day $done): Day
    {
        return $created instanceof Day && $created->isBefore($done) ? $created : $done;
    }

    /**
     * @param array<string, mixed> $columns
     * @param ProjectScript $script
     */
    private function openTask(array $columns, array $script, int $ahead, Day $due): int
    {
        $dice = $this->stage->dice;
        $isRunning = $script['state'] === 'active';
        $isWaiting = $isRunning && $ahead === 5 && ! isset($script['stuck']);
        $planned = match (true) {
            ! $isRunning => null,
            $ahead < 2 => $this->dayThisWeek(),
            $ahead < 4 => $this->stage->week(0),
            $ahead < 6 => $this->stage->week(-$dice->between(1, 4)),
            $ahead < 9 => $this->stage->week($dice->between(1, 2)),
            $ahead < 14 => $this->stage->calendar->monthOf($this->stage->today->plus(20)),
            $dice->falls(40) => $this->stage->quarter(3),
            default => null,
        };

        $id = $this->task([
            ...$columns,
            'due_on' => match (true) {
                $isRunning && $ahead === 1 && $dice->falls(60) => $this->stage->worked($this->stage->today->plus(-$dice->between(2, 9))),
                $isRunning && $ahead < 8 && $dice->falls(30) => $this->stage->worked($this->stage->today->plus($dice->between(2, 20))),
                default => null,
            },
            'rank' => $ahead < 8 ? $dice->pick(['A', 'B', 'B', null]) : null,
            'waiting_on' => $isWaiting ? $dice->pick(['Morag Flett', 'Kettil at the chandlery', 'the test house', 'their lawyer']) : null,
            'waiting_since' => $isWaiting ? $this->stage->worked($this->stage->today->plus(-12)) : null,
        ], $planned);

        if ($isRunning && $ahead % 7 === 3) {
            $this->steps($id);
        }

        return $id;
    }

    private function steps(int $task): void
    {
        foreach (['Ask', 'Compare', 'Write it down', 'Tell the others'] as $position => $title) {
            $done = $position < 2 ? $this->stage->yesterday() : null;
            $this->rows->add('steps', ['task_id' => $task, 'position' => $position, 'title' => $title, 'done_on' => $done]);
        }
    }

    private function dayThisWeek(): Day
    {
        $week = $this->stage->calendar->weekOf($this->stage->today);

        return $this->stage->worked($this->stage->between($this->stage->today, $week->span->last));
    }
}
