<?php

declare(strict_types=1);

namespace Loftrin\Core\People;

/** Who may see something: everyone, or those named. */
final readonly class Audience
{
    /** @param ?array<int, true> $people by id; null for everyone */
    private function __construct(private ?array $people)
    {
    }

    public static function everyone(): self
    {
        return new self(null);
    }

    /** @param list<int> $people ids */
    public static function of(array $people): self
    {
        return new self(array_fill_keys($people, true));
    }

    public function isEveryone(): bool
    {
        return $this->people === null;
    }

    public function admits(int $person): bool
    {
        return $this->people === null || isset($this->people[$person]);
    }

    /**
     * Whether a goal that this audience sees counts in a sum that the other sees: if those see all that is in it, or it was agreed that
     * they need not.
     */
    public function countsIn(self $sum, bool $unnamed): bool
    {
        return $unnamed || $this->includes($sum);
    }

    /** Whether all who are in the other are in this one too: what this one sees shows the other nothing new. */
    public function includes(self $other): bool
    {
        return $this->people === null || ($other->people !== null && array_diff_key($other->people, $this->people) === []);
    }
}
