<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\Request;

/** Which of what was understood of a line is not meant, and what the rest of it means. */
final readonly class Refused
{
    public const RULES = [
        'refused' => ['nullable', 'array', 'max:60'],
        'refused.*' => ['string', 'max:300'],
        'chosen' => ['nullable', 'array', 'max:20'],
        'chosen.*' => ['string', 'max:40'],
    ];

    /** @return list<string> keys of pieces */
    public static function in(Request $request): array
    {
        return array_values(array_filter($request->array('refused'), is_string(...)));
    }

    /** @return array<string, string> what ambiguous pieces mean, by their keys */
    public static function chosen(Request $request): array
    {
        $chosen = [];

        foreach ($request->array('chosen') as $key => $means) {
            if (is_string($means)) {
                $chosen[(string) $key] = $means;
            }
        }

        return $chosen;
    }
}
