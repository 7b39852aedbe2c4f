<?php

declare(strict_types=1);

namespace Database\Demo;

use Loftrin\Core\Calendar\Day;

/** What people said of their goals: comments, estimates, judgements, who follows what, and what they were told. */
final readonly class GoalHistory
{
    /** Goal, who, days before today, words. */
    private const COMMENTS = [
        ['wet28', 'kwame', 44, 'The float mould is back. We cast again on Monday.'],
        ['wet28', 'priya', 26, 'Dropped Moorings Faroe: two harbours fewer, and nobody in Orkney waits for it.'],
        ['wet28', 'noor', 9, 'The weather window in Orkney is shorter than we planned. Jutland first?'],
        ['HB', 'noor', 60, 'Summer was slower than spring. The crews are the limit, not the buoys.'],
        ['HB', 'priya', 12, 'With crew two going out alone we moor two a week.'],
        ['RV', 'jonah', 20, 'Service contracts now carry a third of the month.'],
        ['baltic', 'noor', 3, 'Bornholm wants to see a winter first.'],
        ['firmware', 'ingrid', 8, 'Sleep mode saves 18% on the bench.'],
    ];

    /** Of open goals: goal, days before today, chance, what was computed then, line. */
    private const ESTIMATES = [
        ['wet28', 28, 80, 62, 'Two crews, two coasts.'],
        ['wet28', 2, 70, 41, 'The second crew makes up for August.'],
        ['baltic', 16, 90, 30, 'All three said yes on the phone.'],
        ['baltic', 2, 85, 4, 'Øresund signs this month, the others follow.'],
        ['HB', 6, 75, 80, 'Crew two is worth four harbours a month.'],
        ['RV', 6, 80, 88, null],
    ];

    /** Of closed ones: goal, chance, what was computed then. */
    private const CLOSED = [
        ['approval', 90, 78], ['mould', 85, null], ['rev47', 70, 55], ['faillog', 95, 91], ['roles', 60, 22],
        ['wet15', 75, 70], ['rev55', 65, 82], ['fail5', 90, 74], ['fw23', 80, 12], ['contracts', 70, 64],
    ];

    /** Days before today, direction, line. */
    private const JUDGEMENTS = [
        [40, 'holding', 'Nobody we had not rung ourselves.'],
        [19, 'forward', 'Hirtshals rang because Skagen told them to.'],
        [5, 'forward', 'Two harbour masters brought a third to the fair.'],
    ];

    private const FOLLOWERS = [
        'wet28' => ['noor', 'kwame', 'mei'], 'HB' => ['priya', 'jonah'], 'baltic' => ['noor', 'jonah'], 'firmware' => ['ingrid', 'noor'],
    ];

    public function __construct(private Rows $rows, private Stage $stage, private People $people, private Goals $goals)
    {
    }

    public function add(): void
    {
        foreach (self::COMMENTS as [$goal, $who, $ago, $words]) {
            $this->write('comments', $goal, $who, $this->ago($ago), ['words' => $words]);
        }

        foreach (self::ESTIMATES as [$goal, $ago, $chance, $computed, $line]) {
            $this->write('estimates', $goal, Script::owner($goal), $this->ago($ago), [
                'chance' => $chance, 'computed' => $computed, 'line' => $line,
            ]);
        }

        foreach (self::CLOSED as [$goal, $chance, $computed]) {
            $on = $this->stage->worked($this->goals->period($goal)->span->last->plus(-30));
            $this->write('estimates', $goal, Script::owner($goal), $on, [
                'chance' => $chance, 'computed' => $computed, 'line' => null,
            ]);
        }

        foreach (self::JUDGEMENTS as [$ago, $direction, $line]) {
            $this->write('judgements', 'word', 'jonah', $this->ago($ago), ['direction' => $direction, 'line' => $line]);
        }

        foreach (self::FOLLOWERS as $goal => $people) {
            foreach ($people as $person) {
                $this->rows->add('followings', ['goal_id' => $this->goals->id($goal), 'person_id' => $this->people->id($person)]);
            }
        }

        $this->tell('noor', 'baltic', 'lucia', 'estimates 85%: Øresund signs this month, the others follow.');
        $this->tell('noor', 'wet28', 'priya', 'estimates 70%: The second crew makes up for August.');
        $this->tell('priya', 'wet28', 'noor', 'said: The weather window in Orkney is shorter than we planned. Jutland first?');
        $this->tell('mei', 'wet28', 'priya', 'estimates 70%: The second crew makes up for August.');
    }

    private function ago(int $days): Day
    {
        return $this->stage->worked($this->stage->today->plus(-$days));
    }

    /** @param array<string, mixed> $columns */
    private function write(string $table, string $goal, string $who, Day $on, array $columns): void
    {
        $this->rows->add($table, ['goal_id' => $this->goals->id($goal), 'person_id' => $this->people->id($who), 'on' => $on, ...$columns]);
    }

    private function tell(string $whom, string $goal, string $by, string $words): void
    {
        $this->rows->add('notifications', [
            'person_id' => $this->people->id($whom), 'goal_id' => $this->goals->id($goal), 'by_id' => $this->people->id($by),
            'words' => $words, 'read_at' => null,
        ]);
    }
}
