<?php

declare(strict_types=1);

namespace Database\Demo;

/** What a few of the projects are for, how they stand, and the points they are to reach. */
final readonly class Charters
{
    /** Project: the parts of its charter, its status and what was learned. */
    private const CHARTERS = [
        'Moorings Orkney' => [
            'why' => 'Orkney decides **this winter** which buoys stay. Nine harbours at once are worth more than nine one by one.',
            'in_scope' => "- Survey, mooring and handing over, island by island\n- A day of training for each harbour office",
            'out_of_scope' => 'Shetland. It asked, and gets an offer in spring.',
            'constraints' => "- No night moorings\n- Two crews, one boat\n- €38,000 for chain and divers",
            'risks' => 'After 10 December the ferry carries no chain: what is not moored by then waits until March.',
            'decides' => 'Priya on the order of the islands; Noor on anything above €2,000.',
            'notes' => 'Survey by ferry, moor by tide. Hand over in the same week, while the harbour master still remembers our names.',
            'status_line' => 'Kirkwall is done; the weather takes a day of each week.',
        ],
        'Firmware 2.4 rollout' => [
            'why' => 'A buoy that sleeps through the night needs no winter battery swap.',
            'out_of_scope' => 'Buoys built before 2023: their modem cannot be updated at sea.',
            'constraints' => '**No step before the one before it has run for a week**: bench, three buoys, all.',
            'decides' => 'Kwame may stop the rollout at any hour.',
            'status_line' => 'Bench is through. Three buoys from Thursday.',
        ],
        'Type approval' => [
            'learned' => 'Book the salt fog chamber before anything else: it was the one thing that could not be hurried.',
        ],
    ];

    private const NONE = [
        'why' => null, 'in_scope' => null, 'out_of_scope' => null, 'constraints' => null, 'risks' => null, 'decides' => null,
        'notes' => null, 'status_line' => null, 'learned' => null,
    ];

    /** Project: title, days from today, whether it is reached. */
    private const MILESTONES = [
        'Moorings Orkney' => [['Kirkwall handed over', -16, true], ['Five of nine fitted', -3, false], ['All nine handed over', 30, false]],
        'Firmware 2.4 rollout' => [['Bench passed', -9, true], ['Three buoys for a week', 9, false]],
    ];

    private const LINES = ['Moorings Orkney' => ['Ask the ferry about winter freight', 'A spare sinker for each island']];

    /** @return array<string, mixed> columns of the project's charter */
    public static function of(string $project, Stage $stage): array
    {
        $charter = [...self::NONE, ...self::CHARTERS[$project] ?? []];

        return [...$charter, 'status_on' => $charter['status_line'] === null ? null : $stage->yesterday()];
    }

    public static function add(string $project, int $id, Rows $rows, Stage $stage): void
    {
        foreach (self::MILESTONES[$project] ?? [] as [$title, $days, $isReached]) {
            $on = $stage->worked($stage->today->plus($days));
            $rows->add('milestones', ['project_id' => $id, 'title' => $title, 'on' => $on, 'reached_on' => $isReached ? $on : null]);
        }

        foreach (self::LINES[$project] ?? [] as $line) {
            $rows->add('plan_lines', ['project_id' => $id, 'title' => $line]);
        }
    }
}
