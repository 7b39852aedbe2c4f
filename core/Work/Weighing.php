<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

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
        return match ($this) {
            self::Count => $this->weigh($heaps, static fn(): Fraction => Fraction::one()),
            self::Effort => $this->byEffort($heaps),
        };
    }

    /**
     * What one task weighs among those in scope.
     *
     * @param ?Fraction  $minutes its estimate
     * @param list<Heap> $heaps
     */
    public function weightOf(?Fraction $minutes, array $heaps): Fraction
    {
        return match ($this) {
            self::Count => Fraction::one(),
            self::Effort => $minutes ?? $this->medianMinutes($heaps) ?? Fraction::one(),
        };
    }

    /** @param list<Heap> $heaps */
    private function byEffort(array $heaps): Tally
    {
        $usual = $this->weightOf(null, $heaps);

        return $this->weigh($heaps, static fn(Heap $heap): Fraction => $heap->minutes ?? $usual);
    }

    /**
     * @param list<Heap>               $heaps
     * @param callable(Heap): Fraction $weight
     */
    private function weigh(array $heaps, callable $weight): Tally
    {
        $total = Fraction::zero();
        $done = Fraction::zero();
        $tasks = 0;

        foreach ($heaps as $heap) {
            $each = $weight($heap);
            $total = $total->plus($each->times(Fraction::of($heap->tasks)));
            $done = $done->plus($each->times($heap->done));
            $tasks += $heap->tasks;
        }

        return new Tally($tasks, $total, $done);
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
