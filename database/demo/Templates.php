<?php

declare(strict_types=1);

namespace Database\Demo;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\Template\Piece;

/** Three templates, and a project made from one of them before it was changed last. */
final class Templates
{
    /** Template: days, outcome, stages with their tasks: title, role, day, min, steps with how they are done. */
    private const PATTERNS = [
        'Harbour demo' => [21, 'A harbour master who has seen a week of their own water, and knows what it costs.', [
            'Before' => [
                ['Ask what the harbour wants to know', 'Sales', 2, 30, []],
                [
                    'Find a berth and a date', 'Sales', 4, 45,
                    ['Tide table' => null, 'Permission in writing' => 'Ask for it **by mail**: the duty officer changes every week.'],
                ],
                [
                    'Prepare the demo buoy', 'Crew', 8, 120,
                    [
                        'Charge it to 100%' => "- overnight, lid open\n- note the voltage in the log",
                        'Flash the demo firmware' => 'Hold the button for five seconds until the lamp blinks twice.',
                        'Rinse the sensors' => null,
                    ],
                ],
                ['Pack the van', 'Crew', 9, 30, []],
            ],
            'On the day' => [
                ['Moor the demo buoy', 'Crew', 10, 90, []],
                ['Show the first readings on the quay', 'Sales', 10, 60, []],
            ],
            'After' => [
                ['Send a week of readings with three sentences', 'Sales', 17, 60, []],
                ['Fetch the buoy', 'Crew', 18, 90, []],
                ['Ask for the order', 'Sales', 19, 30, []],
                ['Write down what the harbour asked', null, 20, 20, []],
            ],
        ]],
        'New dealer' => [60, 'A dealer who has sold and moored a buoy without us.', [
            'Know each other' => [
                ['Visit their yard', null, 7, 240, []],
                ['Agree on margin and territory', null, 14, 90, []],
            ],
            'Learn' => [
                ['Train two of their people', 'Trainer', 30, 480, ['Bench' => null, 'Quay' => null]],
                ['Moor the first one together', 'Trainer', 45, 240, []],
            ],
            'Alone' => [
                ['Look over their first mooring', 'Trainer', 56, 60, []],
            ],
        ]],
        'Letter to harbours' => [5, 'One harbour master writes back.', [
            'Write' => [
                [
                    'Three sentences and one picture', null, 3, 60,
                    [
                        'Choose a harbour that we have not written about' => null,
                        'Write three sentences' => "One **number**, one *place*, one question.\n\nNothing about us.",
                        'Find one picture of water' => null,
                    ],
                ],
            ],
            'Send' => [
                ['Send it on a Tuesday', null, 5, 20, []],
            ],
        ]],
    ];

    private const MADE = 'Harbour demo, Ostend';

    /** Of the project made: what its template did not have yet, and what it said otherwise. */
    private const CAME_LATER = 'Write down what the harbour asked';

    private const WAS_SHORTER = 'Prepare the demo buoy';

    /** @var array<string, int> by title */
    private array $ids = [];

    /** @var array<string, list<array{title: string, template_step_id: ?int}>> by title of the template: what is to be ticked */
    private array $steps = [];

    public function __construct(
        private readonly Rows $rows,
        private readonly Stage $stage,
        private readonly People $people,
        private readonly Work $work,
    ) {
    }

    public function add(): void
    {
        foreach (self::PATTERNS as $title => [$days, $outcome, $stages]) {
            $template = $this->rows->add('templates', [
                'title' => $title, 'outcome' => $outcome, 'area_id' => null, 'weighing' => 'count', 'order' => 'staged', 'days' => $days,
            ]);
            $pieces = $this->pieces($title, $template, $stages);
            $this->ids[$title] = $template;

            if ($title === 'Harbour demo') {
                $this->made($template, $outcome, $days, $pieces);
            }
        }
    }

    /**
     * @param array<string, list<array{string, ?string, int, int, array<string, ?string>}>> $stages
     *
     * @return list<Piece>
     */
    private function pieces(string $template, int $id, array $stages): array
    {
        $pieces = [];

        foreach (array_keys($stages) as $position => $name) {
            $stage = $this->rows->add('template_stages', ['template_id' => $id, 'position' => $position, 'name' => $name]);

            foreach ($stages[$name] as [$title, $role, $day, $minutes, $steps]) {
                $task = $this->rows->add('template_tasks', [
                    'template_id' => $id, 'template_stage_id' => $stage, 'position' => count($pieces), 'title' => $title, 'role' => $role,
                    'day' => $day, 'minutes' => $minutes,
                ]);
                $pieces[] = new Piece(
                    id: $task,
                    title: $title,
                    stage: $name,
                    role: $role,
                    day: $day,
                    minutes: $minutes,
                    steps: array_keys($steps),
                );

                foreach (array_keys($steps) as $place => $step) {
                    $this->steps[$template][] = [
                        'title' => $step,
                        'template_step_id' => $this->rows->add('template_steps', [
                            'template_task_id' => $task, 'position' => $place, 'title' => $step, 'how_to' => $steps[$step],
                        ]),
                    ];
                }

                if ($steps === []) {
                    $this->steps[$template][] = ['title' => $title, 'template_step_id' => null];
                }
            }
        }

        return $pieces;
    }

    public function id(string $title): int
    {
        return $this->ids[$title];
    }

    /** @return list<array{title: string, template_step_id: ?int}> what each piece made from it has to tick */
    public function steps(string $title): array
    {
        return $this->steps[$title];
    }

    /** @param list<Piece> $pieces */
    private function made(int $template, string $outcome, int $days, array $pieces): void
    {
        $start = $this->stage->worked($this->stage->today->plus(-9));
        $roles = ['Sales' => $this->people->id('lucia'), 'Crew' => $this->people->id('kwame')];
        $taken = array_values(array_filter($pieces, static fn(Piece $piece): bool => $piece->title !== self::CAME_LATER));
        $project = $this->work->made(self::MADE, $this->rows->add('projects', [
            'title' => self::MADE, 'outcome' => $outcome, 'owner_id' => $roles['Sales'], 'area_id' => null, 'weighing' => 'count',
            'order' => 'staged',
            'state' => 'active', 'state_on' => $start, 'starts_on' => $start, 'due_on' => $this->stage->worked($start->plus($days)),
            'template_id' => $template, 'template_roles' => $roles,
            'template_taken' => array_map(static fn(Piece $piece): array => [
                ...$piece->kept(), 'minutes' => $piece->title === self::WAS_SHORTER ? 60 : $piece->minutes,
            ], $taken),
        ]));
        $stages = [];

        foreach ($taken as $place => $piece) {
            $stages[$piece->stage] ??= $this->rows->add('stages', [
                'project_id' => $project, 'position' => count($stages), 'name' => $piece->stage,
            ]);
            $this->task(project: $project, stage: $stages[$piece->stage], piece: $piece, place: $place, start: $start, roles: $roles);
        }
    }

    /** @param array<string, int> $roles */
    private function task(int $project, int $stage, Piece $piece, int $place, Day $start, array $roles): void
    {
        $due = $this->stage->worked($start->plus($piece->day ?? 0));
        $isDone = $place < 2;
        $id = $this->work->task([
            'title' => $piece->title, 'project_id' => $project, 'stage_id' => $stage, 'position' => 64 * ($place + 1),
            'owner_id' => $roles[$piece->role ?? 'Sales'],
            'created_on' => $start, 'due_on' => $due, 'done_on' => $isDone ? $this->stage->worked($start->plus($piece->day ?? 0)) : null,
            'minutes' => $piece->title === self::WAS_SHORTER ? 60 : $piece->minutes, 'template_task_id' => $piece->id,
        ], $this->stage->calendar->weekOf($due));

        foreach ($piece->steps as $position => $title) {
            $this->rows->add('steps', [
                'task_id' => $id, 'position' => $position, 'title' => $title, 'done_on' => $isDone ? $this->stage->yesterday() : null,
            ]);
        }
    }
}
