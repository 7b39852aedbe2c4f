<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\Request;
use Loftrin\Core\Calendar\Span;

/** From one day until another, as a request asks for it: of up to a year. */
final readonly class AskedSpan
{
    public const WORDS = 'Choose a span of up to a year that does not end before it begins.';

    private const DAYS = 366;

    /**
     * @param ?Span $usual where a day is left out
     *
     * @return ?Span null of what is none
     */
    public static function of(Request $request, ?Span $usual = null): ?Span
    {
        $from = $request->filled('from') ? ValidDay::read($request->input('from')) : $usual?->first;
        $until = $request->filled('until') ? ValidDay::read($request->input('until')) : $usual?->last;
        $isSpan = $from !== null && $until !== null && ! $until->isBefore($from) && $until->number - $from->number < self::DAYS;

        return $isSpan ? new Span($from, $until) : null;
    }
}
