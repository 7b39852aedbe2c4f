<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;
use Loftrin\Core\Work\LeftOut;

/** One line of the sum that a figure is made of. */
final readonly class Contributor
{
    /**
     * @param ?string $id null for the direct tasks, which count together
     * @param ?Fraction $progress what it counts, 0 to 1; null when it is left out or not yet measured
     * @param ?Day $since the day from which it is left out
     * @param ?Fraction $share its weight ÷ the weight of all that count; null when it is left out
     * @param ?Day $from the day on which it came here from a goal that was carried on: it counts what was left of it then
     * @param bool $isRest whether it is the rest of another line, and its weight is none of its own in the sum of weights
     */
    public function __construct(
        public ContributorKind $kind,
        public ?string $id,
        public Fraction $weight,
        public ?Fraction $progress,
        public ?LeftOut $leftOut = null,
        public ?Day $since = null,
        public ?Fraction $share = null,
        public bool $isRest = false,
        public ?Day $from = null,
    ) {
    }

    /** Its part of the figure: the points of all lines add up to it. */
    public function points(): Fraction
    {
        return $this->progress === null || $this->share === null ? Fraction::zero() : $this->progress->times($this->share);
    }

    /** The same line as the rest of another, of which it has that share. */
    public function asRest(Fraction $weight): self
    {
        return new self($this->kind, $this->id, $weight, $this->progress, isRest: true);
    }

    /** The same line, told the weight of all that count. */
    public function among(Fraction $weights): self
    {
        return $this->leftOut !== null
            ? $this
            : new self(
                kind: $this->kind,
                id: $this->id,
                weight: $this->weight,
                progress: $this->progress,
                share: $this->weight->over($weights),
                isRest: $this->isRest,
                from: $this->from,
            );
    }
}
