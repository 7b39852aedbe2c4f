<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

use Closure;
use Loftrin\Core\Fraction;

/** How a project's tasks weigh against each other. Rules: computation 3. */
enum Weighing: string
{
    case Count = 'count';
    case Effort = 'effort';

    /**
     * The tally of tasks in scope, given as heaps of tasks alike.
     *
     * @param list<Heap> $heaps
     */
    public function tally(array $heaps): Tally
    {
        $weightOf = $this->weights($heaps);
        $total = $done = $added = Fraction::zero();
        $tasks = 0;

        foreach ($heaps as $heap) {
            $each = $weightOf($heap->minutes);
            $total = $total->plus($heap->tasks === 1 ? $each : $each->times(Fraction::of($heap->tasks)));
            $done = $heap->done->isZero() ? $done : $done->plus($each->times($heap->done));
            $added = $heap->added === 0 ? $added : $added->plus($each->times(Fraction::of($heap->added)));
            $tasks += $heap->tasks;
        }

        return new Tally($tasks, $total, $done, $added);
    }

    /**
     * What one task weighs among those in scope, by its estimate.
     *
     * @param list<Heap> $heaps
     *
     * @return Closure(?Fraction): Fraction
     */
    public function weights(array $heaps): Closure
    {
        // Where all have an estimate, nobody asks for the usual one.
        $usual = null;

        return match ($this) {
            self::Count => static fn(): Fraction => Fraction::one(),
            self::Effort => function (?Fraction $minutes) use ($heaps, &$usual): Fraction {
                return $minutes ?? ($usual ??= $this->medianMinutes($heaps) ?? Fraction::one());
            },
        };
    }

    /**
     * The median of the estimates there are: for an even number the mean of the two middle ones.
     *
     * @param list<Heap> $heaps
     */
    private function medianMinutes(array $heaps): ?Fraction
    {
        $estimated = array_values(array_filter($heaps, static fn(Heap $heap): bool => $heap->minutes !== null && $heap->tasks > 0));
        usort($estimated, static fn(Heap $a, Heap $b): int => ($a->minutes ?? Fraction::zero())->compare($b->minutes ?? Fraction::zero()));
        $count = array_sum(array_map(static fn(Heap $heap): int => $heap->tasks, $estimated));

        if ($count === 0) {
            return null;
        }

        $low = self::minutesAt($estimated, intdiv($count - 1, 2));
        $high = self::minutesAt($estimated, intdiv($count, 2));

        return $low->plus($high)->times(Fraction::of(1, 2));
    }

    /** @param list<Heap> $heaps ascending by their minutes */
    private static function minutesAt(array $heaps, int $index): Fraction
    {
        foreach ($heaps as $heap) {
            $index -= $heap->tasks;

            if ($index < 0 && $heap->minutes !== null) {
                return $heap->minutes;
            }
        }

        return Fraction::zero();
    }
}
