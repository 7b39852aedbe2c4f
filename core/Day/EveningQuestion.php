<?php

declare(strict_types=1);

namespace Loftrin\Core\Day;

/** A question of the evening. */
final readonly class EveningQuestion
{
    /** So many are asked of an evening at most: it takes two minutes. */
    public const ASKED = 3;

    /** So many are kept in a person's bank at most. */
    public const KEPT = 30;

    /** A score is a whole number within these. */
    public const SCORES = [1, 5];

    /** @param bool $isScore whether it is answered by a number from 1 to 5, and not in words */
    public function __construct(public string $words, public bool $isScore, public bool $isAsked)
    {
    }

    /** @return list<self> the bank of who has not chosen their own */
    public static function usual(): array
    {
        return [
            new self('What did I learn?', false, true),
            new self('What held me up?', false, true),
            new self('How was the day?', true, true),
            new self('What am I thankful for?', false, false),
            new self('What would have made it better?', false, false),
            new self('How much energy did I have?', true, false),
        ];
    }
}
