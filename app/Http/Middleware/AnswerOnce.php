<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Arr;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\UnprocessableEntityHttpException;

/**
 * What is asked twice under one Idempotency-Key is done once, and answered the second time as it was the first: a key that
 * was pressed twice, or a request that is sent again because its answer never came. Within the turn to write, so that of
 * two at once the second finds what the first did.
 */
final readonly class AnswerOnce
{
    /** What is told of a change. A link that lets somebody in is told once, and kept nowhere. */
    private const TOLD = ['change', 'problem'];

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $key = $request->header('Idempotency-Key');
        $person = $request->user()?->getAuthIdentifier();

        if ($request->isMethodSafe() || ! is_string($key) || ! is_int($person)) {
            return $next($request);
        }

        $asked = self::asked($request);
        $answered = DB::table('answered_requests')->where('person_id', $person)->where('key', $key)->first();

        if ($answered !== null) {
            return $answered->asked === $asked
                ? $this->again((string) $answered->location, $answered->told)
                : throw new UnprocessableEntityHttpException('This key was used for something else.');
        }

        $response = $next($request);

        if ($response instanceof RedirectResponse && $response->getStatusCode() === 303 && strlen($key) <= 64) {
            DB::table('answered_requests')->insert([
                'person_id' => $person,
                'key' => $key,
                'asked' => $asked,
                'location' => $response->getTargetUrl(),
                'told' => json_encode($request->session()->only(self::TOLD), JSON_THROW_ON_ERROR),
                'answered_at' => Carbon::now(),
            ]);
        }

        return $response;
    }

    /** What is asked, in full: the same key with other words is another question, and not the answer to it. */
    private static function asked(Request $request): string
    {
        $files = array_map(
            static fn(UploadedFile $file): string|false => $file->isValid() ? hash_file('sha256', $file->path()) : $file->getErrorMessage(),
            Arr::flatten($request->allFiles()),
        );

        return hash('sha256', json_encode([$request->method(), $request->path(), $request->input(), $files], JSON_THROW_ON_ERROR));
    }

    private function again(string $location, mixed $told): Response
    {
        return redirect($location, 303)->with((array) json_decode(is_string($told) ? $told : '[]', true));
    }
}
