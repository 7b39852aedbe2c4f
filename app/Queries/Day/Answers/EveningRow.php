<?php

declare(strict_types=1);

namespace App\Queries\Day\Answers;

use App\Queries\Props;

/** A question of the evening, with what was answered. */
final readonly class EveningRow implements Props
{
    /** @param string $words the answer; empty while there is none */
    public function __construct(
        public string $question,
        public bool $isScore,
        public bool $isAsked,
        public string $words,
        public ?int $score,
    ) {
    }
}
