<?php

declare(strict_types=1);

namespace App\Store;

use InvalidArgumentException;
use RuntimeException;

/** A change that a rule refuses, with the field it concerns and what can be done instead. */
final class RefusedChange extends RuntimeException
{
    public function __construct(public readonly string $field, string $reason)
    {
        parent::__construct(self::sentence($reason));
    }

    /** The reason as it is said: also where it is known before anything is sent. */
    public static function sentence(string $reason): string
    {
        return ucfirst($reason).(preg_match('/[.?]$/', $reason) === 1 ? '' : '.');
    }

    /**
     * What is made, or a refusal at the field when a rule of the core refuses it.
     *
     * @template T
     *
     * @param callable(): T $make
     *
     * @return T
     */
    public static function unless(string $field, callable $make): mixed
    {
        try {
            return $make();
        } catch (InvalidArgumentException $reason) {
            throw new self($field, $reason->getMessage());
        }
    }
}
