<?php

declare(strict_types=1);

namespace Loftrin\Core\PlanFile;

use InvalidArgumentException;
use JsonException;
use Loftrin\Core\Fraction;

/**
 * Reads JSON without losing digits: PHP's decoder makes floats of decimals, and 0.1 must be one tenth.
 *
 * Numbers come back as marked strings, to be read with {@see number()}.
 */
final class ExactJson
{
    private const MARK = "\0number ";

    /** A string, passed over, or a number. */
    private const TOKEN = '/"[^"\\\\]*+(?:\\\\.[^"\\\\]*+)*+"(*SKIP)(*FAIL)|-?\d++(?:\.\d++)?+(?:[eE][+-]?\d++)?+/s';

    /** @throws InvalidArgumentException when the text is no JSON */
    public static function decode(string $json): mixed
    {
        $json = str_starts_with($json, "\xEF\xBB\xBF") ? substr($json, 3) : $json;

        try {
            json_decode($json, true, 64, JSON_THROW_ON_ERROR);
            $marked = preg_replace(self::TOKEN, '"\\u0000number $0"', $json);

            return json_decode((string) $marked, true, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException $reason) {
            throw new InvalidArgumentException("the file is not JSON: {$reason->getMessage()}");
        }
    }

    public static function isNumber(mixed $value): bool
    {
        return is_string($value) && str_starts_with($value, self::MARK);
    }

    /** @throws InvalidArgumentException when the value was no number, or one too long to reckon with */
    public static function number(mixed $value): Fraction
    {
        return is_string($value) && self::isNumber($value)
            ? Fraction::parse(substr($value, strlen(self::MARK)))
            : throw new InvalidArgumentException('is not a number');
    }
}
