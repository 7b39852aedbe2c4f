<?php

declare(strict_types=1);

namespace Tests\Processes;

use Closure;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Contracts\Process\InvokedProcess;
use Illuminate\Process\PendingProcess;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Process;
use RuntimeException;

/** Several real processes on one database in a file, each a person who asks one thing after the other. */
final class Apart
{
    private const PERSON = 'tests/Processes/person.php';

    private static ?string $empty = null;

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
        copy(self::empty(), "$folder/data.sqlite");

        try {
            return self::at("$folder/data.sqlite", static fn(): mixed => $work(new self($folder)));
        } finally {
            array_map(unlink(...), glob("$folder/*") ?: []);
            rmdir($folder);
        }
    }

    /** The path of a database with all tables and no row, laid out once in a process. */
    private static function empty(): string
    {
        if (self::$empty === null) {
            $file = self::$empty = (string) tempnam(sys_get_temp_dir(), 'loftrin-empty-');
            self::at($file, static fn(): int => app()->make(Kernel::class)->call('migrate', ['--force' => true]));
            register_shutdown_function(static fn(): bool => unlink($file));
        }

        return self::$empty;
    }

    /**
     * @template T
     *
     * @param Closure(): T $work with the file as the database
     *
     * @return T
     */
    private static function at(string $file, Closure $work): mixed
    {
        $before = config('database.connections.sqlite.database');
        DB::purge('sqlite');
        config(['database.connections.sqlite.database' => $file]);
        app()->forgetScopedInstances();

        try {
            return $work();
        } finally {
            DB::purge('sqlite');
            config(['database.connections.sqlite.database' => $before]);
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
        return array_map(static function (InvokedProcess $process): array {
            $result = $process->wait();
            /** @var ?list<array{status: int, body: string}> $answers */
            $answers = json_decode($result->output(), true);

            return $answers ?? throw new RuntimeException($result->output().$result->errorOutput());
        }, $this->begun($people));
    }

    /**
     * Kills a person's process in the middle of what they ask.
     *
     * @param list<array{as: int, method: string, uri: string, data?: array<string, mixed>, key?: string}> $questions
     * @param int $after so many answers
     *
     * @return int how many were answered
     */
    public function killed(array $questions, int $after): int
    {
        [$process] = $this->begun([$questions]);
        $this->waitFor('answered', $after);
        $process->signal(SIGKILL);
        $process->wait();

        return $this->dots('answered');
    }

    /**
     * A process that cannot write to any file, as on a full disk. The database can be read as long as somebody else has it open.
     *
     * @param list<array{as: int, method: string, uri: string, data?: array<string, mixed>, key?: string}> $questions
     *
     * @return list<array{status: int, body: string}>
     */
    public function onFullDisk(array $questions): array
    {
        $result = $this->process(['READY' => '/dev/null', 'START' => $this->folder.'/data.sqlite', 'ANSWERED' => '/dev/null'])
            ->input(json_encode($questions, JSON_THROW_ON_ERROR))
            ->run(['bash', '-c', 'trap "" XFSZ; ulimit -f 0; exec "$0" "$@"', PHP_BINARY, self::PERSON]);
        /** @var ?list<array{status: int, body: string}> $answers */
        $answers = json_decode($result->output(), true);

        return $answers ?? throw new RuntimeException($result->output().$result->errorOutput());
    }

    /**
     * A process for each, all begun at the same moment.
     *
     * @param list<list<array<string, mixed>>> $people
     *
     * @return list<InvokedProcess>
     */
    private function begun(array $people): array
    {
        $files = ['READY' => "$this->folder/ready", 'START' => "$this->folder/start", 'ANSWERED' => "$this->folder/answered"];
        array_map(static fn(string $file): bool => ! is_file($file) || unlink($file), array_values($files));
        $running = array_map(
            fn(array $questions): InvokedProcess => $this->process($files)
                ->input(json_encode($questions, JSON_THROW_ON_ERROR))
                ->start([PHP_BINARY, self::PERSON]),
            $people,
        );
        $this->waitFor('ready', count($people));
        touch($files['START']);

        return $running;
    }

    /** @param array<string, string> $files where it says how far it is */
    private function process(array $files): PendingProcess
    {
        return Process::path(base_path())
            ->env([
                'APP_ENV' => 'testing',
                'APP_KEY' => config()->string('app.key'),
                'DB_DATABASE' => "$this->folder/data.sqlite",
                'CACHE_STORE' => 'array',
                'SESSION_DRIVER' => 'array',
                'VIEW_COMPILED_PATH' => config()->string('view.compiled'),
                'BCRYPT_ROUNDS' => '4',
                ...$files,
                'APP_CLOCK_SHIFT' => (string) (now()->getTimestamp() - time()),
            ])
            ->timeout(300);
    }

    private function waitFor(string $file, int $dots): void
    {
        for ($waited = 0; $this->dots($file) < $dots && $waited < 20_000; ++$waited) {
            usleep(5_000);
        }
    }

    private function dots(string $file): int
    {
        return strlen((string) @file_get_contents("$this->folder/$file"));
    }
}
