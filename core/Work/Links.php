<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;

/**
 * Through which of its links a thing counts on a day where it may count once only: in a count, in hours.
 * Rules: computation, at its head.
 */
final readonly class Links
{
    /** @param array<array-key, Span> $periods the days of each goal's period, by goal */
    public function __construct(private array $periods)
    {
    }

    /**
     * Those that hold on the day. On the day of a closing, of the two that hold the one that ends if the day lies in the period of
     * its goal, else the one that begins.
     *
     * @param list<Contribution> $links of one record
     *
     * @return list<Contribution> in their order
     */
    public function countingOn(array $links, Day $on): array
    {
        $holding = array_filter($links, static fn(Contribution $link): bool => $link->holdsOn($on));
        $ending = array_filter($holding, static fn(Contribution $link): bool => $link->endsOn($on));
        $beginning = array_filter($holding, static fn(Contribution $link): bool => $link->beginsOn($on) && ! $link->endsOn($on));

        if ($ending === [] || $beginning === []) {
            return array_values($holding);
        }

        $isInPeriod = fn(Contribution $link): bool => ($this->periods[$link->goal] ?? null)?->holds($on) ?? false;
        $counting = self::stoodThere(array_filter($ending, $isInPeriod), $on);

        return array_values(array_diff_key($holding, $ending, $beginning) + ($counting === [] ? $beginning : $counting));
    }

    /**
     * Of links that all end on the day, where a goal was carried on twice, those that did not begin on it too.
     *
     * @param array<int, Contribution> $ending
     *
     * @return array<int, Contribution>
     */
    private static function stoodThere(array $ending, Day $on): array
    {
        $before = array_filter($ending, static fn(Contribution $link): bool => ! $link->beginsOn($on));

        return $before === [] ? $ending : $before;
    }
}
