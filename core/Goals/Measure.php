<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

/** How a goal is judged. One class for each kind, in Measure/. Rules: computation 4. */
interface Measure
{
    public function kind(): MeasureKind;
}
