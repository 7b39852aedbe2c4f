<?php

declare(strict_types=1);

namespace App\Queries\Hours;

use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Hours\Ledger;

/** An account of hours, with the names of the goals that they led to. */
final readonly class HoursAccount
{
    /** @param array<array-key, string> $titles of the goals at the top of the threads, and of those on the way there */
    public function __construct(public Ledger $ledger, private array $titles)
    {
    }

    public function titleOf(int|string $goal): string
    {
        return $this->titles[$goal] ?? '';
    }

    /** The same account of those days alone. */
    public function during(Span $span): self
    {
        return new self($this->ledger->during($span), $this->titles);
    }
}
