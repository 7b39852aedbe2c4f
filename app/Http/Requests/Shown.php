<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\Request;

/** How much of a long list an address asks for. */
final readonly class Shown
{
    /** What is shown at first, and at each notification choice for more. */
    public const STEP = 100;

    private const MOST = 2000;

    public static function in(Request $request): int
    {
        return max(self::STEP, min(self::MOST, $request->integer('shown')));
    }
}
