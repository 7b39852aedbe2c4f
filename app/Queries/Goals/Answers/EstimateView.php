<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** With what chance a goal will be done in time: as its owner says, beside what is computed. */
final readonly class EstimateView implements Props
{
    /**
     * @param ?int $chance per cent, as last said; null when it was never said
     * @param bool $isMine whether the viewer is the one to say it
     * @param ?string $disagree where the two lie far apart
     * @param ?string $owner how good the owner's estimates were
     * @param ?string $computed how good the computed ones were
     */
    public function __construct(
        public string $who,
        public ?int $chance,
        public ?Day $on,
        public ?string $line,
        public bool $isMine,
        public ?string $disagree,
        public ?string $owner,
        public ?string $computed,
    ) {
    }
}
