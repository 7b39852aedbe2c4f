<?php

declare(strict_types=1);

namespace Database\Demo;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\RhythmReader;
use Loftrin\Core\Work\Spread;

/** What comes back at Saltglass: recurring tasks with their history, a daily checklist, checklists, a quarterly output, shared ones. */
final readonly class RecurringTasks
{
    /** What, rhythm, owner, min, steps. */
    private const TASKS = [
        ['Rinse the test tank', 'every second Thursday', 'kwame', 40, []],
        ['Look through the failure log', 'every Monday', 'tomasz', 30, ['New causes', 'Old ones that came back']],
        ['Water the plants in the workshop', 'every Friday', 'elif', 10, []],
        ['Check the salt fog chamber', 'three weeks after it is done', 'ingrid', 45, []],
        ['Send the invoices', 'last working day of the month', 'noor', 60, []],
        ['Read the tide tables for the month', 'every 1st', 'noor', 20, []],
        ['Ring two harbours that wait', 'every Tuesday', 'noor', 30, []],
        ['Renew the boat’s papers', 'every year on 3 March', 'priya', 90, []],
    ];

    private const DAILY = ['Look at the buoys that went silent', 'Two minutes for the day’s page', 'Turn the test tank’s filter'];

    private const CHECKLISTS = [
        'What to pack for a mooring' => [
            'Shackles, two sizes', 'Spare sinker', 'Torch and spare battery', 'Permission on paper', 'Dry clothes', 'Thermos',
        ],
        'Before a demo' => ['Charged', 'Demo firmware', 'Price list of this quarter'],
    ];

    private const STOCK = [
        ['Check telemetry of a new mooring', 'every day', 10],
        ['Ask the harbour how it goes', 'first Monday of the quarter', 20],
        ['Clean the sensors', 'two months after it is done', 90],
        ['Report for the client', 'last working day of the month', 60],
    ];

    public function __construct(
        private Rows $rows,
        private Stage $stage,
        private People $people,
        private Goals $goals,
        private Work $work,
        private Templates $templates,
    ) {
    }

    public function add(): void
    {
        foreach (self::TASKS as [$title, $words, $owner, $minutes, $steps]) {
            $this->task($title, $words, $owner, $minutes, $steps);
        }

        foreach (self::DAILY as $title) {
            $this->recurringTask($title, 'every day', 'noor', ['kind' => 'daily']);
        }

        foreach (self::CHECKLISTS as $title => $lines) {
            $id = $this->recurringTask($title, 'when needed', 'priya', ['kind' => 'checklist']);

            foreach ($lines as $position => $line) {
                $this->rows->add('recurring_task_steps', [
                    'recurring_task_id' => $id, 'position' => $position, 'title' => $line,
                    'ticked_on' => $title === 'Before a demo' && $position < 2 ? $this->stage->yesterday() : null,
                ]);
            }
        }

        foreach (self::STOCK as [$title, $words, $minutes]) {
            $this->recurringTask($title, $words, 'noor', ['is_shared' => true, 'minutes' => $minutes]);
        }

        $this->pieces();
    }

    /** @param list<string> $steps */
    private function task(string $title, string $words, string $owner, int $minutes, array $steps): void
    {
        $start = $this->stage->quarter(2)->span->first;
        $id = $this->recurringTask($title, $words, $owner, ['minutes' => $minutes, 'starts_on' => $start]);

        if ($title === 'Ring two harbours that wait') {
            $this->rows->add('recurring_task_contributions', [
                'recurring_task_id' => $id, 'goal_id' => $this->goals->id('wet28'), 'weight' => 1,
            ]);
        }

        foreach ($steps as $position => $step) {
            $this->rows->add('recurring_task_steps', ['recurring_task_id' => $id, 'position' => $position, 'title' => $step]);
        }

        $rhythm = (new RhythmReader($this->stage->calendar->yearStartsIn))->read($words);
        $on = $this->stage->today->plus(-70);

        // Each time up to yesterday was done, skipped or missed; the next one is open.
        $next = $rhythm->firstFrom($on, $start);

        for (; $next !== null && $next->isBefore($this->stage->today); $next = $rhythm->nextAfter($next, $next, $start)) {
            $dice = $this->stage->dice->between(1, 10);
            $this->rows->add('occurrences', ['recurring_task_id' => $id, 'on' => $next, 'state' => match (true) {
                $dice <= 7 => 'done',
                $dice === 8 => 'skipped',
                default => 'missed',
            }]);
        }

        $this->open(recurringTask: $id, title: $title, owner: $owner, minutes: $minutes, on: $next, steps: $steps);
    }

    /** @param list<string> $steps */
    private function open(int $recurringTask, string $title, string $owner, int $minutes, ?Day $on, array $steps): void
    {
        $task = $this->work->task([
            'title' => $title, 'recurring_task_id' => $recurringTask, 'occurs_on' => $on, 'owner_id' => $this->people->id($owner),
            'created_on' => $this->stage->today->plus(-20), 'minutes' => $minutes,
        ], $on);

        foreach ($steps as $position => $step) {
            $this->rows->add('steps', ['task_id' => $task, 'position' => $position, 'title' => $step, 'done_on' => null]);
        }
    }

    /** A quarter's letters to harbours, laid out ahead. */
    private function pieces(): void
    {
        $id = $this->recurringTask('A letter from the water', 'when needed', 'lucia', [
            'kind' => 'pieces', 'per_quarter' => 12, 'minutes' => 90, 'template_id' => $this->templates->id('Letter to harbours'),
        ]);

        foreach (Spread::over($this->stage->quarter(3)->span, 12) as $place => $day) {
            $day = $this->stage->worked($day);

            if ($place < 9) {
                $done = $day->isBefore($this->stage->today->plus(-7)) ? $day : null;
                $task = $this->work->task([
                    'title' => 'A letter from the water '.($place + 1), 'recurring_task_id' => $id, 'occurs_on' => $day,
                    'owner_id' => $this->people->id('lucia'),
                    'created_on' => $this->stage->today->plus(-60), 'done_on' => $done, 'minutes' => 90,
                ], $day);

                foreach ($this->templates->steps('Letter to harbours') as $position => $step) {
                    $this->rows->add('steps', ['task_id' => $task, 'position' => $position, 'done_on' => $done, ...$step]);
                }
            }
        }
    }

    /** @param array<string, mixed> $more */
    private function recurringTask(string $title, string $words, string $owner, array $more): int
    {
        $rhythm = (new RhythmReader($this->stage->calendar->yearStartsIn))->read($words);

        return $this->rows->add('recurring_tasks', [
            'title' => $title, 'kind' => 'task', 'is_shared' => false, 'owner_id' => $this->people->id($owner), 'visibility' => 'everyone',
            'words' => $words, 'rule' => $rhythm->rule, 'after_every' => $rhythm->every, 'after_unit' => $rhythm->unit,
            'starts_on' => $this->stage->today->plus(-90), ...$more,
        ]);
    }
}
