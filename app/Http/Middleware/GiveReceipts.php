<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Response;

/**
 * Whoever asks for no page is given a receipt of what was changed: where it leads, if to another page; what there is to say of
 * it, and by which step it is undone. Asked again under the same key, it is the same one.
 */
final readonly class GiveReceipts
{
    /** What is told of a change, wherever it is told. */
    private const TOLD = ['change', 'problem', 'link'];

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);

        return $response instanceof RedirectResponse && ! $request->isMethodSafe() && $request->expectsJson()
            ? $this->receipt($request, $response)
            : $response;
    }

    private function receipt(Request $request, RedirectResponse $response): JsonResponse
    {
        $session = $request->session();
        $told = array_combine(self::TOLD, array_map(static fn(string $name): mixed => $session->get($name), self::TOLD));
        // It is told now: no page that comes after has to.
        $session->forget(self::TOLD);

        return new JsonResponse(['to' => self::elsewhere($response->getTargetUrl()), ...$told]);
    }

    /** Null where it leads back to where it was asked. */
    private static function elsewhere(string $address): ?string
    {
        $parts = parse_url($address);

        return $address === url()->previous() || $parts === false
            ? null
            : ($parts['path'] ?? '/').
                (isset($parts['query']) ? "?{$parts['query']}" : '').
                (isset($parts['fragment']) ? "#{$parts['fragment']}" : '');
    }
}
