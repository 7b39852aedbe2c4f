<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Loftrin\Core\Calendar\Day;

/** A date as YYYY-MM-DD, of a time in which somebody may plan something: what lies centuries away is a slip of the hand. */
final readonly class ValidDay implements ValidationRule
{
    private const YEARS = [1900, 2199];

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (self::read($value) === null) {
            $fail('Enter a valid date.');
        }
    }

    /** The day that was sent, or null of what is none. */
    public static function read(mixed $value): ?Day
    {
        $day = is_string($value) ? Day::tryOf($value) : null;
        $year = $day === null ? 0 : $day->parts()[0];

        return $year >= self::YEARS[0] && $year <= self::YEARS[1] ? $day : null;
    }
}
