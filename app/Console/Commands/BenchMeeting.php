<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Meetings\OpenMeeting;
use App\Console\Bench\AsyncBrowser;
use App\Models\AgendaItem;
use App\Models\Attendee;
use App\Models\NoteLine;
use App\Models\Person;
use App\Models\Series;
use App\Models\Workspace;
use App\Store\StampAlone;
use Generator;
use GuzzleHttp\Client;
use GuzzleHttp\HandlerStack;
use GuzzleHttp\Promise\Coroutine;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\Promise\Utils;
use Illuminate\Console\Command;
use Illuminate\Support\Str;
use Psr\Http\Message\ResponseInterface;

/**
 * Lets several people write in one meeting for a while as their pages do: a line is sent while it grows, and every second it is
 * asked whether anything was changed, and for the page where it was. Counts every character, and in how many questions a line
 * reached the others.
 */
final class BenchMeeting extends Command
{
    private const WORDS = ['berth', 'buoy', 'licence', 'at low water', 'Thursday', 'two boats', 'the mill', 'half a metre'];

    /** A line is sent so often while it grows, each time after so many milliseconds. */
    private const GROWS = 4;

    private const REST = 600;

    private const EVERY = 1000;

    /** Seconds that people read on when nobody writes any more. */
    private const STAYS = 6;

    /** How many questions a line may take to reach the others. */
    private const QUESTIONS = 2;

    protected $signature = 'bench:meeting {address : where the workspace that is loaded is served} {--people=8} {--seconds=60}';

    protected $description = 'Measure how lines reach the others while several people write in one meeting';

    private AgendaItem $item;

    /** @var array<string, array{words: string, at: ?float}> by key: as it was sent last, and when the server had that */
    private array $sent = [];

    /** @var list<int> in how many questions a finished line reached somebody else */
    private array $questions = [];

    /** @var list<string> */
    private array $faults = [];

    public function handle(): int
    {
        $people = Person::query()->orderBy('id')->limit((int) $this->option('people'))->get();
        $this->item = self::room(array_values($people->all()));
        $handler = HandlerStack::create();
        $clients = $people
            ->map(fn(Person $person): Client => AsyncBrowser::signedIn($person, $this->argument('address'), $handler))
            ->all();
        $until = microtime(true) + (int) $this->option('seconds');
        $work = [];

        foreach ($clients as $client) {
            $work[] = Coroutine::of(function () use ($client, $until): Generator {
                yield from $this->write($client, $until);
            });
            // Those who read stay a little: what was written last reaches them too.
            $work[] = Coroutine::of(function () use ($client, $until): Generator {
                yield from $this->read($client, $until + self::STAYS);
            });
        }

        Utils::all($work)->wait();

        return $this->report(count($clients));
    }

    /** @param list<Person> $people */
    private static function room(array $people): AgendaItem
    {
        $today = Workspace::current()->today();
        $series = Series::query()
            ->create(['title' => 'Eight at once', 'rule' => 'FREQ=DAILY', 'starts_on' => $today, 'time' => '09:00', 'minutes' => 60])
            ->refresh();

        foreach ($people as $position => $person) {
            Attendee::query()->create(['series_id' => $series->id, 'person_id' => $person->id, 'position' => $position]);
        }

        return app(OpenMeeting::class)($people[0], $series, $today)->items()->firstOrFail();
    }

    /** @return Generator<int, PromiseInterface> */
    private function write(Client $client, float $until): Generator
    {
        while (microtime(true) < $until) {
            $key = Str::uuid()->toString();
            $words = '';

            for ($version = 1; $version <= self::GROWS; ++$version) {
                $words .= ($words === '' ? '' : ' ').self::WORDS[array_rand(self::WORDS)];
                $this->sent[$key] = ['words' => $words, 'at' => null];
                yield $client
                    ->requestAsync('PUT', "/agenda-items/{$this->item->id}/lines", [
                        'delay' => self::REST,
                        'headers' => [
                            ...AsyncBrowser::token($client),
                            'Accept' => 'application/json',
                            'Idempotency-Key' => "$key-$version",
                        ],
                        'json' => ['key' => $key, 'words' => $words, 'version' => $version],
                    ])
                    ->then(fn(ResponseInterface $answer) => $this->note($answer, 'A line'));
            }

            $this->sent[$key]['at'] = microtime(true);
        }
    }

    /** @return Generator<int, PromiseInterface, string, void> */
    private function read(Client $client, float $until): Generator
    {
        $question = '/stamp?token='.StampAlone::token(config()->string('app.key'));
        [$stamp, $asked, $seen] = ['', [], []];

        while (microtime(true) < $until) {
            $asked[] = microtime(true) + self::EVERY / 1000;
            $now = yield $client
                ->requestAsync('GET', $question, ['delay' => self::EVERY])
                ->then(fn(ResponseInterface $answer) => $this->note($answer, 'A question'));

            if ($now === $stamp) {
                continue;
            }

            $stamp = $now;
            $page = yield $client
                ->requestAsync('GET', "/meetings/{$this->item->meeting_id}", ['headers' => ['X-Background' => '1']])
                ->then(fn(ResponseInterface $answer) => $this->note($answer, 'A page'));

            foreach ($this->sent as $key => ['words' => $words, 'at' => $at]) {
                if ($at !== null && ! isset($seen[$key]) && str_contains($page, $key) && str_contains($page, $words)) {
                    $seen[$key] = true;
                    $this->questions[] = count(array_filter($asked, static fn(float $when): bool => $when > $at));
                }
            }
        }
    }

    private function note(ResponseInterface $answer, string $what): string
    {
        if ($answer->getStatusCode() !== 200) {
            $this->faults[] = "$what was answered {$answer->getStatusCode()}.";
        }

        return (string) $answer->getBody();
    }

    private function report(int $people): int
    {
        /** @var array<string, string> $stored */
        $stored = NoteLine::query()->where('agenda_item_id', $this->item->id)->pluck('words', 'key')->all();
        $written = array_map(static fn(array $line): string => $line['words'], $this->sent);
        $lost = array_sum(array_map(mb_strlen(...), array_diff_assoc($written, $stored)));
        $late = count(array_filter($this->questions, static fn(int $questions): bool => $questions > self::QUESTIONS));
        $this->line(
            sprintf(
                '%d people in one meeting for %d s: %d lines of %d characters, %d of them lost; lines reached somebody %d times of %d, '.
                    '%d times after more than %d questions; %s',
                $people,
                (int) $this->option('seconds'),
                count($written),
                array_sum(array_map(mb_strlen(...), $written)),
                $lost,
                count($this->questions),
                $people * count($written),
                $late,
                self::QUESTIONS,
                $this->faults === [] ? 'no error' : implode(' ', array_unique($this->faults)),
            ),
        );

        return $lost === 0 && $this->faults === [] ? self::SUCCESS : self::FAILURE;
    }
}
