<?php

declare(strict_types=1);

namespace Database\Demo;

use Loftrin\Core\Calendar\Day;

/** Where Saltglass is going: purpose, long-term goals, themes, clients and roles with their contacts, and the shelf. */
final readonly class Direction
{
    public const PURPOSE = 'Water that is measured is water that is looked after. We make buoys that tell a harbour or a fish farm '
        .'what is in its water, every ten minutes, in all weathers.';

    public const MOTTO = 'More hands on the rope';

    public const WHY = 'Last year we grew by running. This year we grow by handing over: fewer things at once, each finished by '
        .'somebody who is not Noor.';

    /** By year goal: the long-term goal, counted from 0, and the quarters in which it is worked on. */
    public const PLACED = ['HB' => [0, [2, 3, 4]], 'RV' => [1, [1, 2, 3, 4]], 'FF' => [0, [1, 2, 3]], 'TM' => [1, [3, 4]]];

    private const OUTLOOKS = [
        [
            'Every working harbour measures its water', 3,
            'Two hundred harbours from Skagen to Cork. By then nobody builds one without asking what is in the water.',
        ],
        ['A company that belongs to those who work in it', 5, 'Noor owns half of it, and is missed for other reasons.'],
    ];

    private const CLIENTS = [
        [
            'Kirkwall Harbour', 'priya', "Berth 7 floods at spring tide.\nInvoices go to the council.",
            [
                ['Morag Flett', 'harbour master', 'morag@kirkwall.example', '+44 1856 000 101'],
                ['Ewan Rendall', 'berths and divers', 'ewan@kirkwall.example', null],
            ],
        ],
        [
            'Bornholm Fish Farm', 'lucia', 'Wants to see one winter before three years.',
            [['Astrid Holm', 'owner', 'astrid@bornholm.example', '+45 56 00 01 02']],
        ],
    ];

    private const ROLES = [
        ['Treasurer', 'elif', 'Sees each invoice above €2,000.'], ['First call at sea', 'kwame', 'The phone that is never off.'],
        ['Mentor of the interns', 'ingrid', null],
    ];

    /** Words, and in how many days they return; without one when null. */
    private const IDEAS = [
        ['A buoy that small boats can rent for a weekend', 120], ['A poster of one harbour’s year, as a gift', null],
        ['Ask the university about a shared calibration tank', 40],
    ];

    public function __construct(private Rows $rows, private Stage $stage, private People $people)
    {
    }

    /** @return list<int> ids of the long-term goals */
    public function longTermGoals(): array
    {
        return array_map(fn(array $longTermGoal): int => $this->rows->add('long_term_goals', [
            'title' => $longTermGoal[0],
            'on' => $this->stage->calendar->period((string) ((int) $this->stage->year->name + $longTermGoal[1]))->span->last,
            'why' => $longTermGoal[2],
        ]), self::OUTLOOKS);
    }

    public function add(): void
    {
        foreach (self::CLIENTS as [$name, $owner, $notes, $contacts]) {
            $area = $this->rows->add('areas', [
                'name' => $name, 'kind' => 'client', 'owner_id' => $this->people->id($owner), 'notes' => $notes,
            ]);

            foreach ($contacts as [$who, $what, $email, $phone]) {
                $this->rows->add('contacts', ['area_id' => $area, 'name' => $who, 'what' => $what, 'email' => $email, 'phone' => $phone]);
            }
        }

        foreach (self::ROLES as [$name, $owner, $notes]) {
            $this->rows->add('areas', ['name' => $name, 'kind' => 'role', 'owner_id' => $this->people->id($owner), 'notes' => $notes]);
        }
    }

    /** After the trays: what lies on the shelf and in the areas' own trays. */
    public function shelve(): void
    {
        $today = $this->stage->today;

        foreach (self::IDEAS as [$words, $days]) {
            $this->jot($words, $today->plus(-20), [
                'shelved_on' => $today->plus(-20), 'return_on' => $days === null ? null : $today->plus($days),
            ]);
        }

        $this->jot('Two harbours ask for a reading of oil on water', $today->plus(-3), ['area_id' => $this->people->area('Product')]);
        $this->jot('The mooring chain supplier raises prices in spring', $today->plus(-1), ['area_id' => $this->people->area('Moorings')]);
    }

    /** @param array<string, mixed> $columns */
    private function jot(string $words, Day $on, array $columns): void
    {
        $this->rows->add('jots', [
            'person_id' => $this->people->id('noor'), 'words' => $words, 'jotted_on' => $on, 'sorted_on' => null, ...$columns,
        ]);
    }

    /** How far the planning of the quarters is. */
    public function plan(): void
    {
        foreach ([2, 3] as $number) {
            $quarter = $this->stage->quarter($number);
            $this->rows->add('plannings', [
                'stretch' => $quarter->name, 'step' => 6, 'finished_on' => $this->stage->worked($quarter->span->first),
            ]);
        }

        $this->rows->add('plannings', [
            'stretch' => $this->stage->quarter(4)->name, 'step' => 2, 'finished_on' => null, 'person_id' => $this->people->id('noor'),
        ]);
    }
}
