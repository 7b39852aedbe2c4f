<?php

declare(strict_types=1);

namespace Database\Demo;

/** What carries the quarter goals, what they rest on, and what is left undone for them. */
final readonly class GoalParts
{
    /** By goal: title, whose, hours a week. */
    private const EFFORTS = [
        'wet28' => [
            ['Buoys into the water, every tide that lets us', 'priya', 18],
            ['Berths agreed before the boat sails', 'kwame', 4],
        ],
        'rev66' => [['Talk to a farm or a harbour every day', 'lucia', 6]],
        'crews' => [['Each new crew moors beside an old one', 'priya', 5]],
    ];

    /** By goal: title, whose, days from today to its test, what was seen. */
    private const ASSUMPTIONS = [
        'wet15' => [['Two crews can moor on two coasts at once', 'priya', -70, 'They can, when the boats are loaded the evening before.']],
        'wet28' => [
            ['One fitting takes a tide, not a day', 'priya', -20, 'True at the piers; at the outer moorings it takes two.'],
            ['Shackles arrive within ten days of ordering', 'kwame', -2, null],
        ],
        'rev66' => [['A farm that was visited signs faster than one that was only called', 'lucia', 24, null]],
    ];

    /** By goal: title, whose. */
    private const TRADE_OFFS = [
        'rev55' => [['Fairs south of the Elbe', 'jonah']],
        'wet28' => [['Custom sensors for single customers', 'tomasz']],
        'rev66' => [['Noor on sales calls', 'noor']],
    ];

    /** Beginnings of the titles of tasks, by the place of the main effort that they are work on. */
    private const WORK = [
        1 => ['Moor the buoy', 'Moor buoys'],
        2 => ['Agree the tide'],
        3 => ['Ring ', 'Visit ', 'Quote for', 'Answer the questions'],
    ];

    public function __construct(private Rows $rows, private Stage $stage, private People $people, private Goals $goals)
    {
    }

    public function add(): void
    {
        foreach (self::EFFORTS as $goal => $efforts) {
            foreach ($efforts as [$title, $person, $hours]) {
                $this->part('main_efforts', $goal, $title, $person, ['hours' => $hours]);
            }
        }

        foreach (self::ASSUMPTIONS as $goal => $assumptions) {
            foreach ($assumptions as [$title, $person, $days, $seen]) {
                $on = $this->stage->worked($this->stage->today->plus($days));
                $this->part('assumptions', $goal, $title, $person, [
                    'test_on' => $on, 'seen' => $seen, 'seen_on' => $seen === null ? null : $on,
                ]);
            }
        }

        foreach (self::TRADE_OFFS as $goal => $tradeOffs) {
            foreach ($tradeOffs as [$title, $person]) {
                $this->part('trade_offs', $goal, $title, $person, []);
            }
        }
    }

    /** The main effort that a task is work on, by how its title begins. */
    public static function effortOf(string $task): ?int
    {
        foreach (self::WORK as $id => $begins) {
            foreach ($begins as $begin) {
                if (str_starts_with($task, $begin)) {
                    return $id;
                }
            }
        }

        return null;
    }

    /** @param array<string, mixed> $columns */
    private function part(string $table, string $goal, string $title, string $person, array $columns): void
    {
        $this->rows->add($table, [
            'goal_id' => $this->goals->id($goal), 'title' => $title, 'person_id' => $this->people->id($person), ...$columns,
        ]);
    }
}
