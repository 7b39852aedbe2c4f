<?php

declare(strict_types=1);

namespace App\Queries\Direction\Answers;

use App\Models\PeriodWords;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Props;

/** What is said of a period, and why. */
final readonly class PeriodLine implements Props
{
    /** @param ?string $main title of its main goal, if the viewer may see it: the year bar says the same */
    public function __construct(public PeriodTag $period, public ?string $words, public ?string $why, public ?string $main)
    {
    }

    public static function of(PeriodTag $period, ?PeriodWords $said, ?string $main): self
    {
        return new self($period, $said?->words, $said?->why, $main);
    }
}
