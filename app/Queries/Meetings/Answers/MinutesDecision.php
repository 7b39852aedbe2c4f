<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Props;

/**
 * A decision with its reason, as it stands in the minutes.
 *
 * @phpstan-type MinutesDecisionText array{words: string, because: ?string}
 */
final readonly class MinutesDecision implements Props
{
    public function __construct(public string $words, public ?string $because)
    {
    }

    /** @param MinutesDecisionText $text */
    public static function of(array $text): self
    {
        return new self(...$text);
    }
}
