<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Props;

/**
 * A line of the notes, as it stands in the minutes.
 *
 * @phpstan-type MinutesLineText array{who: ?string, at: string, words: string, correctedBy?: ?string}
 */
final readonly class MinutesLine implements Props
{
    /** @param string $at HH:MM on the wall clock */
    public function __construct(public ?string $who, public string $at, public string $words, public ?string $correctedBy = null)
    {
    }

    /** @param MinutesLineText $text */
    public static function of(array $text): self
    {
        return new self(...$text);
    }
}
