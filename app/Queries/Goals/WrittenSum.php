<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Goal;
use App\Queries\Goals\Answers\SumLine;
use App\Queries\Parts\Address;
use App\Queries\Parts\Amount;
use App\Queries\Parts\Answers\Gauge;
use App\Queries\Plan\CoreRecords;
use App\Queries\Plan\StoredPlan;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Contributor;
use Loftrin\Core\Goals\ContributorKind;
use Loftrin\Core\Goals\Figure;
use Loftrin\Core\Goals\MeasureKind;
use Loftrin\Core\Goals\Sense;
use Loftrin\Core\Work\LeftOut;
use Loftrin\Core\Work\Weighing;

/** A figure's explanation in words: the lines of the sum, or the formula. */
final readonly class WrittenSum
{
    public function __construct(private StoredPlan $stored, private Day $on)
    {
    }

    /** @return list<SumLine> where a figure was decided, what was computed before its closing moved anything on */
    public function lines(Goal $goal): array
    {
        $isKept = $this->kept($goal) !== null;

        return array_map(fn(Contributor $line): SumLine => $this->line($line, $isKept), $this->contributors($goal));
    }

    /** What its own tasks count together, 0 to 1, in the same sum. */
    public function ofTasks(Goal $goal): ?Fraction
    {
        foreach ($this->contributors($goal) as $line) {
            if ($line->kind === ContributorKind::Tasks) {
                return $line->progress;
            }
        }

        return null;
    }

    /** @return list<Contributor> */
    private function contributors(Goal $goal): array
    {
        return $this->kept($goal) ?? $this->stored->rollup->contributors($this->stored->core($goal), $this->on);
    }

    /** @return ?list<Contributor> */
    private function kept(Goal $goal): ?array
    {
        return $this->stored->core($goal)->closingOn($this->on)?->decided() === null ? null : $goal->computed_from;
    }

    /**
     * What was decided as the goal was closed, beside what was computed then: its figure is the former. Null of an open
     * goal, and of one whose figure is what was computed.
     */
    public function decided(Goal $goal): ?string
    {
        $core = $this->stored->core($goal);
        $closing = $core->closingOn($this->on);
        $decided = $closing?->decided();

        if ($closing === null || $decided === null) {
            return null;
        }

        $computed = $goal->computed === null ? $this->stored->rollup->computed($core, $closing->on) : CoreRecords::exact($goal->computed);
        $result = GoalChanges::result($closing->result);
        $when = $closing->on->words($this->on);
        // The sentence has a full stop of its own.
        $why = $goal->closing_line === null ? '' : ': “'.rtrim($goal->closing_line, '. ').'”';

        return match (true) {
            $goal->measure === MeasureKind::Judged => null,
            $goal->measure === MeasureKind::YesNo => "Closed on $when as $result{$why}. It counts ".self::percent($decided).'.',
            $computed === null => "Nothing was measured when it was closed on $when; decided ".
                self::percent($decided).
                ", $result{$why}.",
            $computed->thousandths() === $decided->thousandths() => "Closed on $when as $result, with the ".
                self::percent($computed).
                " that were computed then{$why}.",
            default => 'Computed '.
                self::percent($computed).
                ', decided '.
                self::percent($decided).
                " when it was closed on $when as $result{$why}.",
        };
    }

    private static function percent(Fraction $value): string
    {
        return Amount::plain($value->times(Fraction::of(100))->rounded(1), 1).'%';
    }

    /** How the figure of a goal that is not judged by its work comes about. */
    public function formula(Goal $goal, Figure $figure): ?string
    {
        $amount = static fn(float|int|string|null $value): string => Gauge::amount(CoreRecords::exact($value), $goal->unit);

        return match ($goal->measure) {
            MeasureKind::Work => null,
            MeasureKind::Number => $figure->reading === null
                ? "From {$amount($goal->start_value)} to {$amount($goal->target_value)}. No reading has been entered yet."
                : sprintf(
                    '(%s − %s) ÷ (%s − %s), from the reading of %s',
                    Gauge::amount($figure->reading->value, $goal->unit),
                    $amount($goal->start_value),
                    $amount($goal->target_value),
                    $amount($goal->start_value),
                    $figure->reading->on->words($this->on),
                ),
            MeasureKind::Count => "$figure->counted done within the period ÷ {$amount($goal->target_value)}",
            MeasureKind::Keep => sprintf(
                'The share of the readings in the period that are %s %s. It should hold in %s of them.',
                $goal->sense === Sense::AtLeast ? 'at least' : 'at most',
                $amount($goal->limit_value),
                CoreRecords::exact($goal->share)->percent().'%',
            ),
            MeasureKind::YesNo => $this->decided($goal) === null ? 'All or nothing: it counts once it is closed as met.' : null,
            MeasureKind::Judged => 'Judged in words: not counted in any figure.',
        };
    }

    /** @param bool $isKept whether it says what was, not what is there now */
    private function line(Contributor $line, bool $isKept): SumLine
    {
        $unnamed = $this->unnamed($line);

        if ($unnamed !== null) {
            return SumLine::unnamed($unnamed, $line->points()->times(Fraction::of(100))->rounded(1));
        }

        return new SumLine(
            title: $this->title($line),
            link: match ($line->kind) {
                ContributorKind::Goal => Address::ofGoal((int) $line->id),
                ContributorKind::Project => Address::ofProject((int) $line->id),
                ContributorKind::Tasks => null,
            },
            detail: $isKept && $line->kind === ContributorKind::Project ? null : $this->detail($line),
            weight: $line->weight->rounded(2),
            done: $line->progress?->percent(),
            points: $line->points()->times(Fraction::of(100))->rounded(1),
            leftOut: $line->leftOut === null ? null : self::reason($line->leftOut, $line->since, $this->on),
            why: match ($line->kind) {
                ContributorKind::Goal => Address::ofFigure('goals', (int) $line->id, $this->on),
                ContributorKind::Project => Address::ofFigure('projects', (int) $line->id, $this->on),
                ContributorKind::Tasks => null,
            },
        );
    }

    /** Why its name is not given; null where it is. */
    private function unnamed(Contributor $line): ?string
    {
        $plan = $this->stored->plan;
        [$isShown, $isLinked] = match ($line->kind) {
            ContributorKind::Goal => [$this->stored->shows((int) $line->id), isset($plan->goals[$line->id ?? ''])],
            ContributorKind::Project => [$this->stored->showsProject((int) $line->id), isset($plan->projects[$line->id ?? ''])],
            ContributorKind::Tasks => [true, true],
        };

        return match (true) {
            $isShown => null,
            $isLinked => 'not visible to you',
            default => 'no longer linked',
        };
    }

    private function title(Contributor $line): string
    {
        return match ($line->kind) {
            ContributorKind::Goal => $this->stored->plan->goals[$line->id ?? '']->title,
            ContributorKind::Project => $this->stored->plan->projects[$line->id ?? '']->title,
            ContributorKind::Tasks => 'Tasks of this goal',
        };
    }

    private function detail(Contributor $line): ?string
    {
        if ($line->kind === ContributorKind::Goal) {
            return $line->isRest ? 'the rest of a goal that it carries on' : 'goal';
        }

        $project = $this->stored->plan->projects[$line->id ?? ''] ?? null;
        $tally = $project === null ? null : $this->stored->tally($project, $this->on, $line->from);
        $left = $line->from === null ? '' : ", as left on {$line->from->words($this->on)}";

        return match (true) {
            $tally === null => null,
            $tally->tasks === 0 => 'no tasks yet',
            $project->weighing === Weighing::Effort => "by effort, $tally->tasks tasks$left",
            $line->from !== null => self::counted($tally->done).' of '.self::counted($tally->total)." tasks$left",
            str_contains(self::counted($tally->done), '.')
                => self::counted($tally->done)." of $tally->tasks tasks, with the steps done of open ones",
            default => self::counted($tally->done)." of $tally->tasks tasks",
        };
    }

    /** How many tasks, of which one may be done in part. */
    private static function counted(Fraction $tasks): string
    {
        return Amount::plain($tasks->rounded(1), 1);
    }

    public static function reason(LeftOut $reason, ?Day $since, Day $on): string
    {
        $when = $since === null ? '' : " {$since->words($on)}";

        return match ($reason) {
            LeftOut::Stopped => "stopped$when, left out",
            LeftOut::Dropped => "dropped$when, left out",
            LeftOut::Shelved => "shelved$when, left out",
            LeftOut::Proposed => 'proposed, left out',
            LeftOut::Judged => 'judged in words, left out',
            LeftOut::NoBasis => 'nothing to do was left, left out',
        };
    }
}
