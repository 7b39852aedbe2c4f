<?php

declare(strict_types=1);

namespace App\Console\Bench;

use App\Models\Person;
use Database\Demo\People;
use GuzzleHttp\Cookie\CookieJar;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Support\Facades\Http;
use RuntimeException;

/** Asks for pages as a browser does, with cookies of its own. */
final readonly class Browser
{
    private CookieJar $cookies;

    /** @param string $server as http://127.0.0.1:8000 */
    public function __construct(private string $server)
    {
        $this->cookies = new CookieJar();
    }

    /** @throws RuntimeException when the server does not let the person in */
    public function signIn(Person $person): void
    {
        $this->requests()->get('/sign-in');
        $this->send('POST', '/sign-in', ['email' => $person->email, 'password' => People::PASSWORD], expected: 302);
    }

    /**
     * Asks for a page.
     *
     * @return array{float, int} milliseconds until the first byte, bytes compressed
     *
     * @throws RuntimeException when it is not shown
     */
    public function visit(string $address): array
    {
        $answer = $this->requests()->get($address);

        if ($answer->status() !== 200) {
            throw new RuntimeException("$address answered {$answer->status()}.");
        }

        $taken = $answer->handlerStats()['starttransfer_time'] ?? 0;

        return [is_numeric($taken) ? 1000 * (float) $taken : 0.0, strlen((string) gzencode($answer->body(), 6))];
    }

    /**
     * Sends a form.
     *
     * @param array<string, mixed> $form
     * @param int $expected the status of the answer when it was taken
     *
     * @throws RuntimeException when it was not
     */
    public function send(string $method, string $address, array $form, int $expected = 303): void
    {
        $answer = $this->requests()->withHeaders(self::token($this->cookies))->send($method, $address, ['json' => $form]);

        if ($answer->status() !== $expected) {
            throw new RuntimeException("$method $address answered {$answer->status()}.");
        }
    }

    /** @return array<string, string> the header that says that a form is ours */
    public static function token(CookieJar $cookies): array
    {
        return ['X-XSRF-TOKEN' => rawurldecode((string) $cookies->getCookieByName('XSRF-TOKEN')?->getValue())];
    }

    private function requests(): PendingRequest
    {
        return Http::baseUrl($this->server)->withOptions(['cookies' => $this->cookies])->withoutRedirecting();
    }
}
