<?php

declare(strict_types=1);

namespace Database\Demo;

/** What a few of the projects are for, how they stand, and the points they are to reach. */
final readonly class Briefs
{
    private const BRIEFS = [
        'Moorings Orkney' => [
            'reason' => 'Orkney decides **this winter** which buoys stay. Nine harbours at once are worth more than nine one by one.',
            'limits' => "- No night moorings\n- Two crews, one boat\n- €38,000 for chain and divers",
            'approach' => 'Survey by ferry, moor by tide. Hand over in the same week, while the harbour master still remembers our names.',
            'status_line' => 'Kirkwall is done; the weather takes a day of each week.',
            'learned' => null,
        ],
        'Firmware 2.4 rollout' => [
            'reason' => 'A buoy that sleeps through the night needs no winter battery swap.',
            'limits' => null,
            'approach' => 'Bench, three buoys, all. **No step before the one before it has run for a week.**',
            'status_line' => 'Bench is through. Three buoys from Thursday.',
            'learned' => null,
        ],
        'Type approval' => [
            'reason' => null,
            'limits' => null,
            'approach' => null,
            'status_line' => null,
            'learned' => 'Book the salt fog chamber before anything else: it was the one thing that could not be hurried.',
        ],
    ];

    /** Project: title, days from today, whether it is reached. */
    private const MILESTONES = [
        'Moorings Orkney' => [['Kirkwall handed over', -16, true], ['Five of nine fitted', -3, false], ['All nine handed over', 30, false]],
        'Firmware 2.4 rollout' => [['Bench passed', -9, true], ['Three buoys for a week', 9, false]],
    ];

    private const LINES = ['Moorings Orkney' => ['Ask the ferry about winter freight', 'A spare sinker for each island']];

    /** @return array<string, mixed> columns of the project's brief */
    public static function of(string $project, Stage $stage): array
    {
        $brief = self::BRIEFS[$project] ?? [
            'reason' => null, 'limits' => null, 'approach' => null, 'status_line' => null, 'learned' => null,
        ];

        return [...$brief, 'status_on' => $brief['status_line'] === null ? null : $stage->yesterday()];
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
