<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use InvalidArgumentException;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Measure\Judged;
use Loftrin\Core\Work\LeftOut;

/** What should be true by the end of a year, quarter, month or week. */
final readonly class Goal
{
    public Fraction $weight;

    public Checkpoints $checkpoints;

    /**
     * @param ?string $carries the closed goal that it carries on
     *
     * @throws InvalidArgumentException when the weight is not above 0
     */
    public function __construct(
        public string $id,
        public string $title,
        public Period $period,
        public Measure $measure,
        public ?string $parent = null,
        ?Fraction $weight = null,
        ?Checkpoints $checkpoints = null,
        public ?Closing $closing = null,
        public ?string $area = null,
        public ?Day $createdOn = null,
        public ?string $carries = null,
    ) {
        $this->weight = $weight ?? Fraction::one();
        $this->checkpoints = $checkpoints ?? Checkpoints::none();

        if (! $this->weight->isPositive()) {
            throw new InvalidArgumentException('weight must be above 0');
        }
    }

    /** Whether it had been set by the end of the day. Without a creation date it was always there. */
    public function isThereOn(Day $day): bool
    {
        return $this->createdOn === null || ! $this->createdOn->isAfter($day);
    }

    /** The closing as far as it is known on the day: a later one does not exist yet. */
    public function closingOn(Day $day): ?Closing
    {
        return $this->closing !== null && ! $this->closing->on->isAfter($day) ? $this->closing : null;
    }

    /** Why it is in neither of the sums above it; null where it counts. */
    public function leftOutOn(Day $day): ?LeftOut
    {
        return match (true) {
            $this->isStoppedOn($day) => LeftOut::Stopped,
            $this->measure instanceof Judged => LeftOut::Judged,
            default => null,
        };
    }

    public function isStoppedOn(Day $day): bool
    {
        return $this->closingOn($day)?->result === Result::Stopped;
    }

    /**
     * The goal at the top of its thread, which climbs through goals closed or stopped too.
     *
     * @param array<array-key, self> $goals by id
     */
    public function topAmong(array $goals): self
    {
        $way = Lineage::upFrom(
            $this,
            static fn(self $at): ?self => $goals[$at->parent ?? ''] ?? null,
            static fn(self $at): string => $at->id,
        );

        return $way[count($way) - 1] ?? $this;
    }
}
