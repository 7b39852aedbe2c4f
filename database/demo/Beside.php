<?php

declare(strict_types=1);

namespace Database\Demo;

/** What lies beside the projects: words, references, helpers, collections, a field of their own; return dates and saved lists. */
final readonly class Beside
{
    private const SAID = [
        ['Moorings Orkney', 'kwame', 6, 'The Pierowall slip is icy until ten. I go in the afternoon.'],
        ['Moorings Orkney', 'priya', 5, 'Good. @Noor, can you tell the harbour office?'],
        ['Firmware 2.4 rollout', 'ingrid', 2, 'Three buoys have slept through two nights.'],
    ];

    /** Task, its notes, and what was said of it: by whom, how many days ago. */
    private const TASKS = [
        [
            'Release the pH probe to three buoys',
            "Kirkwall 3, Stromness 1 and the spare in the basin, in this order.\n"
                .'Watch the battery for one night between each: the probe wakes the modem.',
            [
                ['ingrid', 3, 'The basin one drifts by 0.02 a day. Within what we promise, but write it down.'],
                ['noor', 2, '@Tomasz Kirkwall is mine on Thursday, I can take it along.'],
            ]],
    ];

    private const REFERENCES = [
        ['Moorings Orkney', 'Tide tables, Kirkwall', 'https://tides.example/kirkwall'],
        ['Moorings Orkney', 'Ferry timetable, winter', 'https://ferries.example/orkney/winter'],
    ];

    private const HELPERS = ['Moorings Orkney' => ['kwame', 'mei'], 'Firmware 2.4 rollout' => ['ingrid']];

    private const COLLECTIONS = [
        'North Sea' => ['Moorings Orkney', 'Moorings Jutland', 'Harbour demo, Ostend'],
        'Winter' => ['Moorings Orkney', 'Permits for the winter berths'],
    ];

    /** Project: where it goes on. */
    private const COASTS = [
        'Moorings Orkney' => 'Scotland', 'Moorings Jutland' => 'Denmark', 'Baltic fish farms' => 'Baltic',
        'Harbour demo, Ostend' => 'Belgium',
    ];

    /** Words, days from today, time. */
    private const RETURNING = [
        ['Look at the ice in the basin', 0, '16:30'], ['Give notice on the berth licence', 0, null],
        ['Order calendars for the harbours', 6, null],
    ];

    private const LISTS = [
        ['Short and mine', false, [['owner', 'me'], ['minutes', '15']], 'rank', null],
        ['Waiting for others, by whom', true, [['state', 'waiting']], 'changed', 'owner'],
    ];

    public function __construct(private Rows $rows, private Stage $stage, private People $people, private Work $work)
    {
    }

    public function add(): void
    {
        $this->comments();
        $this->references();
        $this->collections();
        $this->kept();
    }

    private function comments(): void
    {
        foreach (self::SAID as [$project, $who, $ago, $words]) {
            $this->rows->add('comments', [
                'project_id' => $this->work->projectId($project), 'person_id' => $this->people->id($who),
                'on' => $this->stage->worked($this->stage->today->plus(-$ago)), 'words' => $words,
            ]);
        }

        foreach (self::TASKS as [$title, $notes, $said]) {
            $task = $this->rows->amend('tasks', $title, ['notes' => $notes]);

            foreach ($said as [$who, $ago, $words]) {
                $this->rows->add('comments', [
                    'task_id' => $task, 'person_id' => $this->people->id($who),
                    'on' => $this->stage->worked($this->stage->today->plus(-$ago)), 'words' => $words,
                ]);
            }
        }
    }

    private function references(): void
    {
        foreach (self::REFERENCES as [$project, $title, $address]) {
            $this->rows->add('references', [
                'project_id' => $this->work->projectId($project), 'person_id' => $this->people->id('priya'), 'title' => $title,
                'address' => $address,
            ]);
        }

        foreach (self::HELPERS as $project => $people) {
            foreach ($people as $person) {
                $this->rows->add('helpings', ['project_id' => $this->work->projectId($project), 'person_id' => $this->people->id($person)]);
            }
        }
    }

    private function collections(): void
    {
        foreach (self::COLLECTIONS as $title => $projects) {
            $id = $this->rows->add('collections', ['title' => $title]);

            foreach ($projects as $project) {
                $this->rows->add('collection_items', ['collection_id' => $id, 'project_id' => $this->work->projectId($project)]);
            }
        }

        $field = $this->rows->add('fields', [
            'name' => 'Coast', 'kind' => 'choice', 'choices' => ['Scotland', 'Denmark', 'Baltic', 'Belgium'],
        ]);

        foreach (self::COASTS as $project => $coast) {
            $this->rows->add('entries', ['field_id' => $field, 'project_id' => $this->work->projectId($project), 'value' => $coast]);
        }
    }

    /** What comes back, and lists of one's own. */
    private function kept(): void
    {
        foreach (self::RETURNING as [$words, $days, $at]) {
            $this->rows->add('jots', [
                'person_id' => $this->people->id('noor'), 'words' => $words, 'jotted_on' => $this->stage->today->plus(-20),
                'shelved_on' => $this->stage->today->plus(-20), 'return_on' => $this->stage->today->plus($days), 'return_at' => $at,
            ]);
        }

        foreach (self::LISTS as [$title, $isShared, $conditions, $sort, $group]) {
            $this->rows->add('saved_lists', [
                'owner_id' => $this->people->id('noor'), 'visibility' => $isShared ? 'everyone' : 'only_me', 'title' => $title,
                'sort' => $sort, 'group' => $group,
                'conditions' => array_map(static fn(array $each): array => ['field' => $each[0], 'value' => $each[1]], $conditions),
            ]);
        }
    }
}
