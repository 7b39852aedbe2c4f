<?php

declare(strict_types=1);

namespace Database\Demo;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Goals\Result;

/**
 * Four year goals, the quarter goals under them with what became of the past ones, and their readings.
 *
 * @phpstan-import-type QuarterGoal from Script
 */
final class Goals
{
    /** @var array<string, int> */
    private array $ids = [];

    /** @var array<string, Period> */
    private array $periods = [];

    public function __construct(
        private readonly Rows $rows,
        private readonly Stage $stage,
        private readonly People $people,
        private readonly Direction $direction,
    ) {
    }

    public function add(): void
    {
        $this->words();
        $this->yearGoals();

        foreach (Script::QUARTER_GOALS as $number => $goals) {
            foreach ($goals as $key => $goal) {
                $this->quarterGoal($number, $key, $goal);
            }
        }
    }

    public function id(string $key): int
    {
        return $this->ids[$key];
    }

    public function period(string $key): Period
    {
        return $this->periods[$key];
    }

    /**
     * @param array<string, mixed> $columns
     */
    public function set(string $key, Period $period, array $columns): int
    {
        $this->periods[$key] = $period;

        return $this->ids[$key] = $this->rows->add('goals', [
            'why' => null,
            'mark' => null,
            'scope' => 'company',
            'visibility' => 'everyone',
            'counts_unnamed' => false,
            'horizon' => $period->horizon,
            'period' => $period->name,
            'starts_on' => $period->span->first,
            'ends_on' => $period->span->last,
            'anchor_on' => $period->anchor(),
            'parent_id' => null,
            'weight' => 1,
            'area_id' => null,
            'is_main' => false,
            'is_first' => false,
            'is_firm' => false,
            'tasks_weight' => 1,
            'start_value' => null,
            'target_value' => null,
            'limit_value' => null,
            'sense' => 'at_least',
            'share' => 0.8,
            'unit' => null,
            // Set a fortnight before it begins, a week's goal the day before.
            'created_on' => $period->span->first->plus($period->horizon === Horizon::Week ? -1 : -14),
            'closed_on' => null,
            'result' => null,
            'score' => null,
            'closing_line' => null,
            ...$columns,
        ]);
    }

    private function words(): void
    {
        $this->rows->add('period_words', ['period' => $this->stage->year->name, 'words' => Direction::MOTTO, 'why' => Direction::WHY]);

        foreach (Script::QUARTER_WORDS as $number => $words) {
            $this->rows->add('period_words', ['period' => $this->stage->quarter($number)->name, 'words' => $words]);
        }
    }

    private function yearGoals(): void
    {
        $longTermGoals = $this->direction->longTermGoals();

        foreach (Script::YEAR_GOALS as $key => $goal) {
            $this->set($key, $this->stage->year, [
                'title' => $goal['title'],
                'why' => $goal['why'],
                'mark' => $key,
                'owner_id' => $this->people->id($goal['owner']),
                'area_id' => $this->people->area($goal['area']),
                'is_main' => $key === 'HB',
                'long_term_goal_id' => $longTermGoals[Direction::PLACED[$key][0]],
                'quarters' => Direction::PLACED[$key][1],
                ...$goal['measure'],
            ]);

            if (isset($goal['course'])) {
                $this->readings($key, $this->stage->year, $goal['course'], $goal['bend'] ?? 1.4);
            }
        }

        $this->rows->add('checkpoints', ['goal_id' => $this->ids['HB'], 'on' => $this->stage->quarter(1)->span->last, 'fraction' => 0.15]);
        $this->rows->add('checkpoints', ['goal_id' => $this->ids['HB'], 'on' => $this->stage->quarter(2)->span->last, 'fraction' => 0.5]);
    }

    /** @param QuarterGoal $goal */
    private function quarterGoal(int $number, string $key, array $goal): void
    {
        $period = $this->stage->quarter($number);
        $closed = isset($goal['result']) ? [
            'closed_on' => $this->stage->worked($goal['result'] === 'stopped' ? $period->span->last->plus(-40) : $period->span->last),
            'result' => Result::from($goal['result']),
            'score' => $goal['score'] ?? null,
            'closing_line' => $goal['line'] ?? null,
        ] : [];

        $this->set($key, $period, [
            'title' => $goal['title'],
            'parent_id' => $this->ids[$goal['under']],
            'owner_id' => $this->people->id($goal['owner']),
            'is_main' => $goal['main'] ?? false,
            'weight' => $goal['weight'] ?? 1,
            ...$goal['measure'],
            ...$closed,
            ...$goal['more'] ?? [],
            'predecessor_id' => isset($goal['from']) ? $this->ids[$goal['from']] : null,
            'is_first' => $goal['first'] ?? false,
        ]);

        if (isset($goal['course'])) {
            $this->readings($key, $period, $goal['course']);
        }
    }

    /**
     * One reading a week, wandering from the one value at the period's start to the other at its end, or today.
     *
     * @param array{float|int, float|int} $course
     * @param float $bend above 1 the more, the later it gained speed
     */
    private function readings(string $key, Period $period, array $course, float $bend = 1.4): void
    {
        [$from, $to] = $course;
        $until = min($period->span->last->number, $this->stage->yesterday()->number);
        $steps = max(1, intdiv($until - $period->span->first->number, 7));

        for ($step = 1; $step <= $steps; $step++) {
            $day = $this->stage->worked(Day::ofNumber($period->span->first->number + 7 * $step - 3));
            $way = $step / $steps;
            $wander = $step === $steps ? 0 : ($this->stage->dice->between(-30, 30) / 1000) * ($to - $from);
            $value = $from + ($to - $from) * (0.35 * $way + 0.65 * $way ** $bend) + $wander;
            $this->rows->add('readings', [
                'goal_id' => $this->ids[$key],
                'on' => $day,
                'value' => $this->rounded($value, abs($to - $from)),
                'entered_by' => $this->people->id('mei'),
            ]);
        }
    }

    private function rounded(float $value, float $range): float
    {
        return match (true) {
            $range >= 1000 => round($value, -2),
            $range >= 10 => round($value),
            default => round($value, 1),
        };
    }
}
