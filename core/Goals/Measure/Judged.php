<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals\Measure;

use Loftrin\Core\Goals\Measure;
use Loftrin\Core\Goals\MeasureKind;

/** A direction, judged in words: it has no figure. */
final readonly class Judged implements Measure
{
    public function kind(): MeasureKind
    {
        return MeasureKind::Judged;
    }
}
