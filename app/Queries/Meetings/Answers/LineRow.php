<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;

/** A line of the notes while the meeting runs. */
final readonly class LineRow implements Props
{
    /**
     * @param string $key made in the browser in which it was written
     * @param string $at HH:MM
     * @param ?string $correctedBy who changed words of somebody else: the chair or the minute-taker
     * @param ?string $became "decision" or "next step"
     */
    public function __construct(
        public int $id,
        public string $key,
        public int $version,
        public string $words,
        public ?PersonTag $who,
        public string $at,
        public bool $isMine,
        public ?string $correctedBy,
        public ?string $became,
    ) {
    }
}
