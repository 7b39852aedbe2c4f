<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals\Measure;

use Loftrin\Core\Goals\Measure;
use Loftrin\Core\Goals\MeasureKind;

/** True by the end of the period, or not. */
final readonly class YesNo implements Measure
{
    public function kind(): MeasureKind
    {
        return MeasureKind::YesNo;
    }
}
