<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Parts\Answers\Gauge;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Plan\CoreRecords;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Goals\MeasureKind;
use Loftrin\Core\Goals\Result;

/** What was changed about a goal, in words: old → new. */
final readonly class GoalChanges
{
    public function __construct(private Workspace $workspace)
    {
    }

    /**
     * @param array<string, mixed> $before columns as they were
     * @param array<string, mixed> $now as they became
     * @param ?Person $reader to whom it is told: goals that they may not see are not named; none is for several
     *
     * @return list<string> one for each thing that changed and that people ask about
     */
    public function of(Goal $goal, array $before, array $now, ?Person $reader): array
    {
        $words = [];

        foreach (array_keys($before) as $column) {
            $label = self::label($column);
            $shown = fn(mixed $value): string => $this->shown($goal, $column, $value, $reader);

            if ($column === 'parent_id' && $reader === null) {
                $words[] = 'a different goal above';
            } elseif ($label !== null && array_key_exists($column, $now) && $shown($before[$column]) !== $shown($now[$column])) {
                $words[] = "$label {$shown($before[$column])} → {$shown($now[$column])}";
            }
        }

        return $words;
    }

    private static function label(string $column): ?string
    {
        return match ($column) {
            'title' => 'Title',
            'period' => 'Period',
            'parent_id' => 'Contributes to',
            'weight' => 'Weight',
            'owner_id' => 'Owner',
            'measure' => 'Measured by',
            'start_value' => 'Start',
            'target_value' => 'Target',
            'limit_value' => 'Limit',
            'share' => 'Share to keep',
            'visibility' => 'Visible to',
            default => null,
        };
    }

    private function shown(Goal $goal, string $column, mixed $value, ?Person $reader): string
    {
        $text = is_scalar($value) ? (string) $value : '';

        return match (true) {
            $text === '' => 'none',
            $column === 'title' => "“{$text}”",
            $column === 'period' => $this->period($text),
            $column === 'parent_id' && $reader !== null => Goal::query()->visibleTo($reader)->find($text)->title ??
                'a goal not visible to you',
            $column === 'owner_id' => Person::query()->find($text)->name ?? 'somebody',
            $column === 'measure' => self::measure(MeasureKind::from($text)),
            $column === 'share' => CoreRecords::exact($text)->percent().'%',
            $column === 'weight' => Gauge::amount(CoreRecords::exact($text), null),
            in_array($column, ['start_value', 'target_value', 'limit_value'], true) => Gauge::amount(
                CoreRecords::exact($text),
                $goal->unit,
            ),
            default => str_replace('_', ' ', $text),
        };
    }

    private function period(string $name): string
    {
        $period = $this->workspace->calendar()->tryPeriod($name);

        return match ($period?->horizon) {
            null => $name,
            Horizon::Year => PeriodTag::words($period),
            // The same quarter of another year is another one.
            default => PeriodTag::wordsWithYear($period),
        };
    }

    public static function measure(MeasureKind $kind): string
    {
        return match ($kind) {
            MeasureKind::Work => 'the work',
            MeasureKind::Number => 'a number',
            MeasureKind::Keep => 'a limit to keep',
            MeasureKind::Count => 'a count',
            MeasureKind::YesNo => 'yes or no',
            MeasureKind::Judged => 'words',
        };
    }

    public static function result(Result $result): string
    {
        return match ($result) {
            Result::Met => 'met',
            Result::InPart => 'met in part',
            Result::NotMet => 'not met',
            Result::Stopped => 'stopped',
        };
    }
}
