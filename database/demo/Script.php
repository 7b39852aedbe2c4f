<?php

declare(strict_types=1);

namespace Database\Demo;

/**
 * What Saltglass Instruments set itself. All of it is made up.
 *
 * @phpstan-type QuarterGoal array{
 *   title: string, under: string, owner: string, measure: array<string, mixed>, main?: bool, weight?: float,
 *   course?: array{float|int, float|int}, result?: string, score?: float, line?: string, from?: string,
 *   first?: bool, more?: array<string, mixed>,
 * }
 */
final class Script
{
    public const QUARTER_WORDS = [
        1 => 'Type approval for the new buoy',
        2 => 'First 15 harbours fitted',
        3 => '28 harbours, failures under 4%',
        4 => 'Two weeks without the founder',
    ];

    public const YEAR_GOALS = [
        'HB' => [
            'title' => '40 harbours on the new buoy',
            'why' => 'A harbour that measures its water every ten minutes stops arguing about it. Forty is where the '
                .'service crew pays for itself.',
            'owner' => 'noor',
            'area' => 'Moorings',
            'measure' => ['measure' => 'number', 'start_value' => 0, 'target_value' => 40, 'unit' => 'harbours'],
            'course' => [0, 21],
            'bend' => 3.4,
        ],
        'RV' => [
            'title' => 'Monthly revenue from €42,000 to €75,000',
            'why' => 'Service contracts carry the winter. Without them we sell ourselves into every spring.',
            'owner' => 'jonah',
            'area' => 'Sales',
            'measure' => ['measure' => 'number', 'start_value' => 42000, 'target_value' => 75000, 'unit' => '€'],
            'course' => [42200, 64600],
        ],
        'FF' => [
            'title' => 'Field failures from 7.5% to 3%',
            'why' => 'Each failed buoy costs two days at sea and a customer’s patience.',
            'owner' => 'tomasz',
            'area' => 'Product',
            'measure' => ['measure' => 'number', 'start_value' => 7.5, 'target_value' => 3, 'unit' => '%'],
            'course' => [7.4, 3.9],
        ],
        'TM' => [
            'title' => 'A team that runs two weeks without the founder',
            'why' => 'If it needs me every day it is a job, not a company.',
            'owner' => 'noor',
            'area' => 'Team',
            'measure' => ['measure' => 'work'],
        ],
    ];

    public const QUARTER_GOALS = [
        1 => [
            'approval' => [
                'title' => 'Type approval for the new buoy', 'under' => 'HB', 'owner' => 'tomasz', 'main' => true,
                'measure' => ['measure' => 'work'], 'result' => 'met', 'line' => 'Stamped two days early.',
            ],
            'mould' => [
                'title' => 'Mould for the float', 'under' => 'HB', 'owner' => 'tomasz', 'measure' => ['measure' => 'yes_no'],
                'result' => 'met', 'line' => 'Third mould is the good one.',
            ],
            'rev47' => [
                'title' => '€47,000 a month', 'under' => 'RV', 'owner' => 'jonah',
                'measure' => ['measure' => 'number', 'start_value' => 42000, 'target_value' => 47000, 'unit' => '€'],
                'course' => [42000, 46300], 'result' => 'in_part', 'line' => 'Two contracts slipped into the next quarter.',
            ],
            'faillog' => [
                'title' => 'A failure log with causes', 'under' => 'FF', 'owner' => 'tomasz', 'measure' => ['measure' => 'work'],
                'result' => 'met', 'line' => 'Connectors are half of it.',
            ],
            'roles' => [
                'title' => 'Roles written down', 'under' => 'TM', 'owner' => 'noor', 'measure' => ['measure' => 'work'],
                'result' => 'in_part', 'score' => 0.6, 'line' => 'Six of nine. Mine is missing.',
            ],
        ],
        2 => [
            'wet15' => [
                'title' => 'First 15 harbours fitted', 'under' => 'HB', 'owner' => 'priya', 'main' => true,
                'measure' => ['measure' => 'number', 'start_value' => 0, 'target_value' => 15, 'unit' => 'harbours'], 'course' => [0, 14],
                'result' => 'in_part', 'line' => 'Fourteen. Weather took the last one.',
            ],
            'rev55' => [
                'title' => '€55,000 a month', 'under' => 'RV', 'owner' => 'jonah',
                'measure' => ['measure' => 'number', 'start_value' => 47000, 'target_value' => 55000, 'unit' => '€'],
                'course' => [46800, 55400], 'result' => 'met',
            ],
            'contracts' => [
                'title' => 'Eight service contracts', 'under' => 'RV', 'owner' => 'lucia',
                'measure' => ['measure' => 'count', 'target_value' => 8], 'result' => 'met',
                'line' => 'Eight signed, two of them for three years.',
            ],
            'fail5' => [
                'title' => 'Failures under 5%', 'under' => 'FF', 'owner' => 'tomasz',
                'measure' => ['measure' => 'number', 'start_value' => 7, 'target_value' => 5, 'unit' => '%'], 'course' => [6.9, 4.9],
                'result' => 'met',
            ],
            'fw23' => [
                'title' => 'Firmware 2.3 on sixty buoys', 'under' => 'FF', 'owner' => 'tomasz',
                'measure' => ['measure' => 'number', 'start_value' => 0, 'target_value' => 60, 'unit' => 'buoys'], 'course' => [0, 38],
                'result' => 'not_met', 'line' => 'The modem held it back. 2.4 takes it over.',
            ],
            'faroe' => [
                'title' => 'A dealer for the Faroes', 'under' => 'RV', 'owner' => 'jonah', 'measure' => ['measure' => 'yes_no'],
                'result' => 'stopped', 'line' => 'The ferry costs more than the margin.',
            ],
            'chairs' => [
                'title' => 'Elif chairs the Quay hour', 'under' => 'TM', 'owner' => 'elif', 'measure' => ['measure' => 'yes_no'],
                'result' => 'in_part', 'score' => 0.5, 'line' => 'Every second one so far.',
            ],
        ],
        3 => [
            'wet28' => [
                'title' => '28 harbours fitted', 'under' => 'HB', 'owner' => 'priya', 'main' => true, 'measure' => ['measure' => 'work'],
            ],
            'crews' => [
                'title' => 'Two more mooring crews trained', 'under' => 'HB', 'owner' => 'priya', 'measure' => ['measure' => 'work'],
            ],
            'rev66' => [
                'title' => '€66,000 a month', 'under' => 'RV', 'owner' => 'jonah',
                'measure' => ['measure' => 'number', 'start_value' => 55000, 'target_value' => 66000, 'unit' => '€'],
                'course' => [55400, 61500],
            ],
            'baltic' => [
                'title' => 'Baltic fish farms: three contracts', 'under' => 'RV', 'owner' => 'lucia', 'measure' => ['measure' => 'work'],
            ],
            'firmware' => [
                'title' => 'Firmware 2.4 on every buoy at sea', 'under' => 'FF', 'owner' => 'tomasz', 'from' => 'fw23', 'first' => true,
                'measure' => ['measure' => 'work'],
            ],
            'fail4' => [
                'title' => 'Failures under 4%', 'under' => 'FF', 'owner' => 'tomasz',
                'measure' => ['measure' => 'number', 'start_value' => 5, 'target_value' => 4, 'unit' => '%'], 'course' => [4.9, 3.9],
            ],
            'trust' => [
                'title' => 'Harbour offices trust us without Noor', 'under' => 'TM', 'owner' => 'mei', 'weight' => 0.5,
                'measure' => ['measure' => 'work'],
            ],
            'replies' => [
                'title' => 'Harbour offices hear back within 24 hours', 'under' => 'trust', 'owner' => 'mei',
                'measure' => ['measure' => 'keep', 'limit_value' => 24, 'sense' => 'at_most', 'unit' => 'hours'], 'course' => [20, 23],
            ],
            'firstvisit' => [
                'title' => 'Fixed at the first visit, 9 in 10', 'under' => 'trust', 'owner' => 'kwame',
                'measure' => ['measure' => 'number', 'start_value' => 70, 'target_value' => 90, 'unit' => '%'], 'course' => [71, 83],
            ],
            'survey' => [
                'title' => 'Twenty answers to the autumn survey', 'under' => 'trust', 'owner' => 'mei',
                'measure' => ['measure' => 'number', 'start_value' => 0, 'target_value' => 20, 'unit' => 'answers'], 'course' => [0, 9],
            ],
            'word' => [
                'title' => 'Harbours speak of us to each other', 'under' => 'RV', 'owner' => 'jonah', 'measure' => ['measure' => 'judged'],
            ],
            'second' => [
                'title' => 'Ask Elif to become managing director', 'under' => 'TM', 'owner' => 'noor', 'weight' => 0.5,
                'measure' => ['measure' => 'yes_no'], 'more' => ['visibility' => 'only_me', 'scope' => 'person', 'counts_unnamed' => true],
            ],
            'weekaway' => ['title' => 'One week away, no calls', 'under' => 'TM', 'owner' => 'noor', 'measure' => ['measure' => 'yes_no']],
        ],
        4 => [
            'wet40' => [
                'title' => '40 harbours fitted', 'under' => 'HB', 'owner' => 'priya', 'main' => true, 'measure' => ['measure' => 'work'],
            ],
            'rev75' => [
                'title' => '€75,000 a month', 'under' => 'RV', 'owner' => 'jonah',
                'measure' => ['measure' => 'number', 'start_value' => 66000, 'target_value' => 75000, 'unit' => '€'],
            ],
            'fail3' => [
                'title' => 'Failures under 3%', 'under' => 'FF', 'owner' => 'tomasz',
                'measure' => ['measure' => 'number', 'start_value' => 4, 'target_value' => 3, 'unit' => '%'],
            ],
            'twoweeks' => ['title' => 'Two weeks away', 'under' => 'TM', 'owner' => 'noor', 'measure' => ['measure' => 'yes_no']],
        ],
    ];

    /** Who owns the year or quarter goal. */
    public static function owner(string $goal): string
    {
        $goals = self::YEAR_GOALS + array_merge(...array_values(self::QUARTER_GOALS));

        return $goals[$goal]['owner'];
    }
}
