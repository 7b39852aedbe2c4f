<?php

declare(strict_types=1);

namespace App\Store;

use App\Models\Person;
use Stringable;

/** What a remembered answer answers. Whose eyes see it is part of it: nobody is ever given the answer of another. */
final readonly class Question
{
    private function __construct(public string $words, public bool $isAboutPast = false)
    {
    }

    /** One that each person asks for themselves: what they own, or may see, goes into the answer. */
    public static function by(Person $viewer, string $what, int|string|bool|Stringable|null ...$about): self
    {
        return new self(self::words($what, $about)." for person $viewer->id");
    }

    /** One whose answer is the same for everybody, and shows nobody what only some may see. */
    public static function ofAll(string $what, int|string|bool|Stringable|null ...$about): self
    {
        return new self(self::words($what, $about).' for everybody');
    }

    /** The same, where the answer only changes with what was before this week ({@see Past}). */
    public function aboutPast(): self
    {
        return new self("$this->words about the past", isAboutPast: true);
    }

    /** @param array<array-key, int|string|bool|Stringable|null> $about each told apart from the next, whatever is written in it */
    private static function words(string $what, array $about): string
    {
        return $what.' '.json_encode(
            array_map(static fn(mixed $each): mixed => $each instanceof Stringable ? (string) $each : $each, array_values($about)),
            JSON_THROW_ON_ERROR,
        );
    }
}
