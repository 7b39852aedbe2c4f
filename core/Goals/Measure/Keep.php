<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals\Measure;

use InvalidArgumentException;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Measure;
use Loftrin\Core\Goals\MeasureKind;
use Loftrin\Core\Goals\Reading;
use Loftrin\Core\Goals\Sense;

/** A limit to keep, in a share of the readings. */
final readonly class Keep implements Measure
{
    public Fraction $share;

    /** @throws InvalidArgumentException when the share is not above 0 and up to 1 */
    public function __construct(public Fraction $limit, public Sense $sense = Sense::AtLeast, ?Fraction $share = null)
    {
        $this->share = $share ?? Fraction::of(4, 5);

        if (! $this->share->isPositive() || Fraction::one()->isLessThan($this->share)) {
            throw new InvalidArgumentException('share must be above 0 and up to 1');
        }
    }

    public function kind(): MeasureKind
    {
        return MeasureKind::Keep;
    }

    /**
     * The share of the readings that meet the limit, 0 to 1; each counts. Null with none.
     *
     * @param list<Reading> $readings
     */
    public function kept(array $readings): ?Fraction
    {
        $kept = array_filter($readings, fn(Reading $reading): bool => $this->isMetBy($reading->value));

        return $readings === [] ? null : Fraction::of(count($kept), count($readings));
    }

    private function isMetBy(Fraction $value): bool
    {
        return match ($this->sense) {
            Sense::AtLeast => $value->isAtLeast($this->limit),
            Sense::AtMost => $this->limit->isAtLeast($value),
        };
    }
}
