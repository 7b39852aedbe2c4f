<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\Request;

/** The ids that were sent in a field, each once; what is none is left out. */
final readonly class Ids
{
    /** @return list<int> */
    public static function in(Request $request, string $field): array
    {
        return array_values(array_unique(array_map(intval(...), array_filter($request->array($field), is_numeric(...)))));
    }
}
