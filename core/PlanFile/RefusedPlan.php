<?php

declare(strict_types=1);

namespace Loftrin\Core\PlanFile;

use RuntimeException;

/** A plan file that breaks rules. Each fault names the record and the rule. */
final class RefusedPlan extends RuntimeException
{
    /** @param non-empty-list<string> $faults */
    public function __construct(public readonly array $faults)
    {
        parent::__construct(implode("\n", $faults));
    }
}
