<?php

declare(strict_types=1);

namespace App\Queries\Direction\Answers;

use App\Models\PeriodWords;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Props;

/** What is said of a period, and why. */
final readonly class PeriodLine implements Props
{
    public function __construct(public PeriodTag $period, public ?string $words, public ?string $why)
    {
    }

    public static function of(PeriodTag $period, ?PeriodWords $said): self
    {
        return new self($period, $said?->words, $said?->why);
    }
}
