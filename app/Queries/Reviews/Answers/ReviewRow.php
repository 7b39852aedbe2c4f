<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Props;
use Loftrin\Core\Calendar\Horizon;

/** A period in the list of reviews. */
final readonly class ReviewRow implements Props
{
    /**
     * @param ?string $heldAt YYYY-MM-DD; null while it was not held
     * @param ?int $alignment per cent, as it was seen
     * @param ?string $words the first thing that was answered
     */
    public function __construct(
        public Horizon $horizon,
        public PeriodTag $period,
        public ?string $heldAt,
        public ?int $alignment,
        public ?string $words,
    ) {
    }
}
