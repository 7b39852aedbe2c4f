<?php

declare(strict_types=1);

namespace Tests\Processes;

use Closure;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Process;
use RuntimeException;

/** Several real processes on one database in a file, each a person who asks one thing after the other. */
final class Apart
{
    /**
     * @template T
     *
     * @param Closure(self): T $work with the file as the database
     *
     * @return T
     */
    public static function in(Closure $work): mixed
    {
        $folder = sys_get_temp_dir().'/loftrin-'.bin2hex(random_bytes(6));
        mkdir($folder);
        touch("$folder/data.sqlite");
        $before = config('database.connections.sqlite.database');
        DB::purge('sqlite');
        config(['database.connections.sqlite.database' => "$folder/data.sqlite"]);
        app()->forgetScopedInstances();

        try {
            app()->make(Kernel::class)->call('migrate', ['--force' => true]);

            return $work(new self($folder));
        } finally {
            DB::purge('sqlite');
            config(['database.connections.sqlite.database' => $before]);
            array_map(unlink(...), glob("$folder/*") ?: []);
            rmdir($folder);
        }
    }

    private function __construct(private readonly string $folder)
    {
    }

    /**
     * What each person asks, all beginning at the same moment.
     *
     * @param list<list<array{as: int, method: string, uri: string, data?: array<string, mixed>, key?: string}>> $people
     *
     * @return list<list<array{status: int, body: string}>> how each was answered, in the same order
     */
    public function together(array $people): array
    {
        [$ready, $start] = ["$this->folder/ready", "$this->folder/start"];
        array_map(static fn(string $file): bool => ! is_file($file) || unlink($file), [$ready, $start]);
        $running = array_map(fn(array $questions) => Process::path(base_path())
            ->env([
                'APP_ENV' => 'testing', 'APP_KEY' => config()->string('app.key'), 'DB_DATABASE' => "$this->folder/data.sqlite", 'CACHE_STORE' => 'array',
                'SESSION_DRIVER' => 'array', 'BCRYPT_ROUNDS' => '4', 'READY' => $ready, 'START' => $start,
                'APP_CLOCK_SHIFT' => (string) (now()->getTimestamp() - time()),
            ])
            ->timeout(300)
            ->input(json_encode($questions, JSON_THROW_ON_ERROR))
            ->start([PHP_BINARY, 'tests/Processes/person.php']), $people);

        for ($waited = 0; strlen((string) @file_get_contents($ready)) < count($people); $waited++) {
            usleep(5_000);
            clearstatcache();

            if ($waited > 20_000) {
                break;
            }
        }

        touch($start);

        return array_map(static function ($process): array {
            $result = $process->wait();
            /** @var ?list<array{status: int, body: string}> $answers */
            $answers = json_decode($result->output(), true);

            return $answers ?? throw new RuntimeException($result->output().$result->errorOutput());
        }, $running);
    }
}
