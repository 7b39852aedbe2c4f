<?php

declare(strict_types=1);

namespace App\Http\Controllers\Capture;

use App\Http\Controllers\Controller;
use App\Http\Requests\Refused;
use App\Http\Requests\ValidDay;
use App\Models\Workspace;
use App\Queries\Capture\Answers\ReadLine;
use App\Queries\Capture\LineReader;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Loftrin\Core\Calendar\Day;

/** Says what is understood of what one is writing. */
final class LineController extends Controller
{
    /** More lines than these are not read while one writes. */
    private const MOST = 20;

    public function read(Request $request, LineReader $reader, Workspace $workspace): JsonResponse
    {
        $request->validate([
            'words' => ['nullable', 'string', 'max:2000'],
            'on' => ['nullable', new ValidDay()],
            'isJotted' => ['boolean'],
            ...Refused::RULES,
        ]);
        $read = fn(string $line, Day $on): ReadLine => ReadLine::of(
            $reader->read($this->me(), $line, $on, Refused::in($request), isJotted: $request->boolean('isJotted')),
        );
        $on = $request->filled('on') ? Day::of($request->string('on')->toString()) : $workspace->today();
        $lines = array_filter(
            array_map(trim(...), explode("\n", $request->string('words')->toString())),
            static fn(string $line): bool => $line !== '',
        );

        return new JsonResponse([
            'lines' => array_map(
                static fn(string $line): ReadLine => $read($line, $on),
                array_slice(array_values($lines), 0, self::MOST),
            ),
        ]);
    }
}
