<?php

declare(strict_types=1);

namespace App\Console\Bench;

use App\Models\Person;
use Database\Demo\People;
use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use GuzzleHttp\HandlerStack;
use RuntimeException;

/** The browser of somebody who has signed in, to measure how several at once are answered: it waits for no other. */
final readonly class AsyncBrowser
{
    /** How often signing in is tried, and how long after another, in seconds. */
    private const TRIES = 8;

    private const REST = 10;

    /** @param HandlerStack $handler one for all, so that they wait beside each other */
    public static function signedIn(Person $person, string $address, HandlerStack $handler): Client
    {
        $client = new Client([
            'handler' => $handler,
            'base_uri' => $address,
            'cookies' => new CookieJar(),
            'allow_redirects' => false,
            'http_errors' => false,
            'timeout' => 60,
        ]);
        $client->get('/sign-in');

        // So many people sign in from one address in a minute, and no more.
        for ($try = 0; $try < self::TRIES; ++$try) {
            $answer = $client->post('/sign-in', [
                'headers' => self::token($client),
                'form_params' => ['email' => $person->email, 'password' => People::PASSWORD],
            ]);

            if ($answer->getStatusCode() === 302 && ! str_ends_with($answer->getHeaderLine('Location'), '/sign-in')) {
                return $client;
            }

            sleep(self::REST);
        }

        throw new RuntimeException("$person->name could not sign in.");
    }

    /** @return array<string, string> the header that says that a form is ours */
    public static function token(Client $client): array
    {
        /** @var CookieJar $jar */
        $jar = $client->getConfig('cookies');

        return Browser::token($jar);
    }
}
