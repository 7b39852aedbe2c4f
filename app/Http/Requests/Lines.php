<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\Request;

/** What is written on a line to add to a list: one thing, or each line of a list that was pasted there. */
final class Lines
{
    private const MOST = 100;

    public const MESSAGES = [
        'title.required_without' => 'Enter a title.',
        'words.required_without' => 'Write something first.',
        'lines.max' => 'Paste at most '.self::MOST.' lines at once.',
        'lines.*.max' => 'A line of the list is too long: at most :max characters.',
        'lines.*.required' => 'A line of the list is empty.',
    ];

    /**
     * @param int $length of a line at most, in characters
     *
     * @return array<string, list<string>>
     */
    public static function rules(string $field, int $length): array
    {
        return [
            $field => ['required_without:lines', 'nullable', 'string', "max:$length"],
            'lines' => ['array', 'max:'.self::MOST],
            'lines.*' => ['required', 'string', "max:$length"],
        ];
    }

    /**
     * The rules where the field is of a new record, and those of its one field where a record is changed.
     *
     * @return array<string, list<string>>
     */
    public static function rulesOf(Request $request, string $field, int $length): array
    {
        return $request->isMethod('POST') ? self::rules($field, $length) : [$field => ['required', 'string', "max:$length"]];
    }

    /** @return non-empty-list<string> what was checked by the rules before */
    public static function in(Request $request, string $field): array
    {
        $lines = array_values(array_filter($request->array('lines'), is_string(...)));

        return $lines === [] ? [$request->string($field)->toString()] : $lines;
    }
}
