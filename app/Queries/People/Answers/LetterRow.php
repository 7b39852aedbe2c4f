<?php

declare(strict_types=1);

namespace App\Queries\People\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** A letter in the mailbox that stands in for a real one. */
final readonly class LetterRow implements Props
{
    /** @param ?string $to somebody without an account; null of one's own */
    public function __construct(
        public int $id,
        public Day $on,
        public string $at,
        public ?string $to,
        public string $subject,
        public string $body,
    ) {
    }
}
