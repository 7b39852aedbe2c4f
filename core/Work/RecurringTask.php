<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

/** A task that comes back by a rule, as far as the figures need it. */
final readonly class RecurringTask
{
    /** @param list<Contribution> $serves */
    public function __construct(public string $id, public array $serves = [])
    {
    }
}
