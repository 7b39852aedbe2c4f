<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use Illuminate\Validation\Rules\Password;

/** What a password has to be: long enough, and none of those that are tried first. */
final readonly class ChosenPassword
{
    public const SHORTEST = 10;

    /** Words that passwords are most often made of: alone, doubled or with figures behind they are guessed at once. */
    private const COMMON = [
        'password',
        'passwort',
        'qwerty',
        'qwertz',
        'azerty',
        'letmein',
        'welcome',
        'iloveyou',
        'sunshine',
        'football',
        'princess',
        'dragon',
        'monkey',
        'baseball',
        'superman',
        'trustno',
        'whatever',
        'starwars',
        'computer',
        'michelle',
        'jennifer',
        'abcdefgh',
        'abcd',
        'asdfghjkl',
        'asdf',
        'zxcvbnm',
        'loftrin',
        'secret',
        'changeme',
        'administrator',
        'admin',
        'master',
        'shadow',
        'login',
        'test',
    ];

    /** @return list<mixed> */
    public static function rules(): array
    {
        return ['required', 'string', 'max:200', Password::min(self::SHORTEST), self::refuseCommon(...)];
    }

    /** @return array<string, string> */
    public static function messages(): array
    {
        return ['password.required' => 'Choose a password.', 'password.min' => 'A password has at least ten characters.'];
    }

    public static function isCommon(string $password): bool
    {
        $plain = strtr(mb_strtolower($password), [
            '0' => 'o',
            '1' => 'i',
            '3' => 'e',
            '4' => 'a',
            '5' => 's',
            '7' => 't',
            '@' => 'a',
            '$' => 's',
            '!' => 'i',
        ]);
        $rest = str_replace(self::COMMON, '', (string) preg_replace('/[^\p{L}]/u', '', $plain));

        return (mb_strlen($rest) < 4 && preg_match('/\p{L}{4}/u', $plain) === 1) ||
            // One sign over and over, or the row of figures.
            count(array_unique(mb_str_split($password))) < 4 ||
            str_contains('01234567890123456789', $password) ||
            str_contains('98765432109876543210', $password);
    }

    private static function refuseCommon(string $field, mixed $value, Closure $fail): void
    {
        if (is_string($value) && self::isCommon($value)) {
            $fail('This password is too common. Choose another one.');
        }
    }
}
