<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use Loftrin\Core\Fraction;

/** How good estimates were, once their goals are closed. Rules: computation 6. */
final readonly class Calibration
{
    /** With fewer closed goals than this nothing is said. */
    private const ENOUGH = 5;

    /**
     * @param Fraction $bias mean of (chance − outcome): above 0 too sure, below 0 too careful
     * @param Fraction $brier mean of (chance − outcome)², 0 for who always knew
     * @param int $goals how many closed goals it rests on
     */
    private function __construct(public Fraction $bias, public Fraction $brier, public int $goals)
    {
    }

    /**
     * Null with fewer than five closed goals. Open and dropped goals have no outcome and are left out.
     *
     * @param list<Estimate> $estimates
     * @param array<array-key, Result> $results of the closed goals, by goal
     */
    public static function of(array $estimates, array $results): ?self
    {
        [$bias, $brier, $goals, $count] = [Fraction::zero(), Fraction::zero(), [], 0];

        foreach ($estimates as $estimate) {
            $result = $results[$estimate->goal] ?? null;

            if ($result === null || $result === Result::Stopped) {
                continue;
            }

            $off = $estimate->chance->minus($result === Result::Met ? Fraction::one() : Fraction::zero());
            $bias = $bias->plus($off);
            $brier = $brier->plus($off->times($off));
            $goals[$estimate->goal] = true;
            $count++;
        }

        return count($goals) < self::ENOUGH
            ? null
            : new self($bias->over(Fraction::of($count)), $brier->over(Fraction::of($count)), count($goals));
    }
}
