<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Bench\AsyncBrowser;
use App\Models\Person;
use App\Models\Task;
use Generator;
use GuzzleHttp\Client;
use GuzzleHttp\HandlerStack;
use GuzzleHttp\Promise\Coroutine;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\Promise\Utils;
use GuzzleHttp\TransferStats;
use Illuminate\Console\Command;
use Psr\Http\Message\ResponseInterface;
use Throwable;

/**
 * Lets people read and write at once for a while, each with a pause between two requests as somebody has who reads what came:
 * how long they wait, and what went wrong.
 */
final class BenchCrowd extends Command
{
    private const SCREENS = [
        '/',
        '/people',
        '/lists/today',
        '/lists',
        '/lists/not_scheduled',
        '/year',
        '/projects',
        '/meetings',
        '/direction',
        '/tray',
        '/stamp',
    ];

    /** Between two requests of one person, in milliseconds. */
    private const PAUSE = [500, 3500];

    /** One request in so many writes. */
    private const WRITES = 3;

    protected $signature = 'bench:crowd {address : where the workspace that is loaded is served} {--people=30} {--seconds=60}';

    protected $description = 'Measure how long people wait who read and write at once';

    /** @var list<float> milliseconds until the first byte */
    private array $waits = [];

    /** @var array<string, int> how often, by what went wrong */
    private array $faults = [];

    private int $writes = 0;

    public function handle(): int
    {
        $people = Person::query()->orderBy('id')->limit((int) $this->option('people'))->get();
        // One for all, so that they wait beside each other.
        $handler = HandlerStack::create();
        $clients = $people
            ->map(fn(Person $person): Client => AsyncBrowser::signedIn($person, $this->argument('address'), $handler))
            ->all();
        $until = microtime(true) + (int) $this->option('seconds');
        Utils::all(
            array_map(
                fn(Client $client, Person $person): PromiseInterface => Coroutine::of(
                    fn(): Generator => $this->work($client, $person, $until),
                ),
                $clients,
                $people->all(),
            ),
        )->wait();
        sort($this->waits);
        $count = count($this->waits);
        $within = fn(float $share): float => $this->waits[max(0, (int) ceil($count * $share) - 1)];
        $this->line(
            sprintf(
                '%d people at once for %d s: %d requests, %d of them writes; half are answered within %.0f ms, '.
                    '95 of 100 within %.0f ms, the last within %.0f ms; %s',
                $people->count(),
                (int) $this->option('seconds'),
                $count,
                $this->writes,
                $within(0.5),
                $within(0.95),
                $within(1.0),
                $this->faults === [] ? 'no error' : (string) json_encode($this->faults),
            ),
        );

        return $this->faults === [] ? self::SUCCESS : self::FAILURE;
    }

    /** @return Generator<int, PromiseInterface> */
    private function work(Client $client, Person $person, float $until): Generator
    {
        /** @var list<int> $tasks */
        $tasks = Task::query()->where('owner_id', $person->id)->whereNull('done_on')->orderBy('id')->limit(20)->pluck('id')->all();

        for ($turn = $person->id; microtime(true) < $until; ++$turn) {
            $pause = random_int(...self::PAUSE);

            if ($turn % self::WRITES !== 0) {
                yield $this->request($client, 'GET', self::SCREENS[$turn % count(self::SCREENS)], 200, ['delay' => $pause]);

                continue;
            }

            ++$this->writes;
            yield match ($turn % 2) {
                0 => $this->request($client, 'POST', '/jots', 303, [
                    'delay' => $pause,
                    'form_params' => ['words' => "Ask about berth $turn"],
                ]),
                default => $this->request($client, 'PUT', "/tasks/{$tasks[$turn % count($tasks)]}/tick", 303, [
                    'delay' => $pause,
                    'form_params' => ['done' => $turn % 4 === 1 ? 1 : 0],
                ]),
            };
        }
    }

    /** @param array<string, mixed> $options */
    private function request(Client $client, string $method, string $address, int $expected, array $options): PromiseInterface
    {
        return $client
            ->requestAsync($method, $address, [
                ...$options,
                'headers' => AsyncBrowser::token($client),
                'on_stats' => function (TransferStats $stats): void {
                    $taken = $stats->getHandlerStat('starttransfer_time');
                    $this->waits[] = is_numeric($taken) ? 1000 * (float) $taken : 0.0;
                },
            ])
            ->then(
                fn(ResponseInterface $answer) => $answer->getStatusCode() === $expected
                    ? null
                    : $this->fault("$method $address answered {$answer->getStatusCode()}"),
                fn(mixed $reason) => $this->fault(
                    "$method $address: ".($reason instanceof Throwable ? $reason->getMessage() : 'no answer'),
                ),
            );
    }

    private function fault(string $what): null
    {
        $what = (string) preg_replace('/\d+(?=\/)/', '…', $what);
        $this->faults[$what] = ($this->faults[$what] ?? 0) + 1;

        return null;
    }
}
