<?php

declare(strict_types=1);

namespace App\Queries\Parts\Answers;

use App\Models\Goal;
use App\Queries\Parts\Amount;
use App\Queries\Plan\ListedGoal;
use App\Queries\Props;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\MeasureKind;

/** What the shares of a number or a count are in its own terms: 70% of 40 harbours are 28 harbours. */
final readonly class OwnTerms implements Props
{
    /**
     * @param float $start where it is 0%
     * @param float $target where it is 100%
     * @param int $decimals with how many its values are told apart
     */
    private function __construct(public float $start, public float $target, public ?string $unit, public int $decimals)
    {
    }

    /** Null of what is a share itself: the work done, how often a limit was kept. */
    public static function of(Goal|ListedGoal $goal): ?self
    {
        [$start, $target] = match ($goal->measure) {
            MeasureKind::Number => [(float) $goal->start_value, (float) $goal->target_value],
            MeasureKind::Count => [0.0, (float) $goal->target_value],
            MeasureKind::Work, MeasureKind::Keep, MeasureKind::YesNo, MeasureKind::Judged => [0.0, 0.0],
        };
        $way = abs($target - $start);

        return $way === 0.0
            ? null
            : new self($start, $target, $goal->unit, match (true) {
                $way >= 20 => 0,
                $way >= 2 => 1,
                default => 2,
            });
    }

    /** How far the one is from the other, as the difference of the two as they are shown: "3 harbours", "0.4 percentage points". */
    public function between(Fraction $progress, Fraction $expected): string
    {
        return $this->length(abs(round($this->at($progress), $this->decimals) - round($this->at($expected), $this->decimals)));
    }

    /**
     * Parts of the way, as of a week each: "1.8 harbours", "0, 2, 1 harbours", "€1,200, −€300".
     *
     * @param non-empty-list<Fraction> $shares
     */
    public function parts(array $shares): string
    {
        $way = abs($this->target - $this->start);
        $lengths = array_map(fn(Fraction $share): string => $this->sized($way * $share->rounded(6), $this->decimals + 1), $shares);

        return $this->named(implode(', ', $lengths));
    }

    private function at(Fraction $share): float
    {
        return $this->start + ($this->target - $this->start) * $share->rounded(6);
    }

    private function length(float $length): string
    {
        return $this->named($this->sized($length, $this->decimals));
    }

    /** With a sign of money, if that is what it is. */
    private function sized(float $length, int $decimals): string
    {
        $plain = Amount::plain(abs($length), $decimals);
        $sign = $length < 0 && $plain !== '0' ? '−' : '';

        return $sign.Amount::before($this->unit).$plain;
    }

    private function named(string $sizes): string
    {
        return match (true) {
            $this->unit !== '%' => $sizes.Amount::after($this->unit),
            $sizes === '1' => '1 percentage point',
            default => "$sizes percentage points",
        };
    }
}
