<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

use Loftrin\Core\Fraction;

/** What a person has promised for a stretch against the time that they have in it. Rules: computation 10. */
final readonly class Load
{
    /** With more goals than this at once, none of them gets the focus that it needs. */
    public const MANY_GOALS = 5;

    /**
     * @param Fraction $planned minutes
     * @param Fraction $available minutes
     * @param int $goals how many goals of the stretch they own
     */
    public function __construct(public Fraction $planned, public Fraction $available, public int $goals = 0)
    {
    }

    /** Planned ÷ available; null with nothing available. */
    public function ratio(): ?Fraction
    {
        return $this->available->isPositive() ? $this->planned->over($this->available) : null;
    }

    /** Whether more is planned than fits; with nothing available, whether anything is. */
    public function isOver(): bool
    {
        $ratio = $this->ratio();

        return $ratio === null ? $this->planned->isPositive() : ! Fraction::one()->isAtLeast($ratio);
    }

    public function hasManyGoals(): bool
    {
        return $this->goals > self::MANY_GOALS;
    }
}
