<?php

declare(strict_types=1);

namespace Loftrin\Core\PlanFile;

/** The faults found so far in a plan file, one line each. */
final class Faults
{
    /** @var list<string> */
    private array $lines = [];

    public function add(string $record, string $rule): void
    {
        $this->lines[] = "$record: $rule";
    }

    /** @return list<string> */
    public function lines(): array
    {
        return $this->lines;
    }

    /** @throws RefusedPlan when there are any */
    public function refuse(): void
    {
        if ($this->lines !== []) {
            throw new RefusedPlan($this->lines);
        }
    }
}
