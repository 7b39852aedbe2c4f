<?php

declare(strict_types=1);

namespace Tests;

use App\Store\ChangeLog;
use App\Store\Stamp;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Foundation\Testing\WithCachedConfig;
use Illuminate\Foundation\Testing\WithCachedRoutes;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Testing\TestResponse;
use PDO;
use PHPUnit\Framework\Assert;

abstract class TestCase extends BaseTestCase
{
    // As on a server: addresses and configuration are read once.
    use WithCachedConfig;
    use WithCachedRoutes;

    /** The time at which every test begins, whatever day it is run on: a Wednesday. */
    public const NOW = '2027-02-10 09:00:00';

    private bool $isAsking = false;

    /** @var list<string>|null */
    private static ?array $tables = null;

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow(self::NOW);
        $this->withoutVite();
        $this->countRecordsAnew();
    }

    /** Records are numbered from 1 in each test: PostgreSQL goes on counting from those that were rolled back. */
    private function countRecordsAnew(): void
    {
        foreach (DB::getDriverName() === 'pgsql' ? DB::table('pg_sequences')->pluck('sequencename') : [] as $sequence) {
            DB::statement("alter sequence \"$sequence\" restart");
        }
    }

    /** Takes everything out of the database, and counts from 1 again. */
    public function storeNothing(): void
    {
        $tables = array_diff(Schema::getTableListing(schemaQualified: false), ['migrations', 'stamps', 'sqlite_sequence']);

        if (DB::getDriverName() === 'pgsql') {
            DB::statement('truncate "'.implode('", "', $tables).'" restart identity cascade');

            return;
        }

        DB::statement('pragma defer_foreign_keys = on');
        array_map(static fn(string $table): int => DB::table($table)->delete(), [...$tables, 'sqlite_sequence']);
    }

    /** What a test stores by hand has been changed like anything else: what was remembered before is not asked for. */
    public function countWhatIsStoredByHand(): void
    {
        $of = DB::getDefaultConnection();
        DB::listen(function (QueryExecuted $query) use ($of): void {
            $isWrite = preg_match('/^(insert|update|delete)(?!.*"stamps")/', $query->sql) === 1;

            if (! $this->isAsking && $query->connectionName === $of && $isWrite && ! app(ChangeLog::class)->isOpen()) {
                app(Stamp::class)->renew();
            }
        });
    }

    /**
     * As between two requests of a server, nothing is remembered from the one before.
     */
    public function call($method, $uri, $parameters = [], $cookies = [], $files = [], $server = [], $content = null): TestResponse
    {
        $this->app?->forgetScopedInstances();
        $this->isAsking = true;

        try {
            $response = parent::call($method, $uri, $parameters, $cookies, $files, $server, $content);
        } finally {
            $this->isAsking = false;
        }

        // A session without errors is no proof: what broke down has none either.
        if ($response->getStatusCode() === 500 && $response->exception !== null) {
            throw $response->exception;
        }

        return $response;
    }

    /**
     * Everything that is stored but the log of it, what is told and sent, passwords, and when a record was last written.
     *
     * @return array<string, list<array<string, mixed>>> rows by table
     */
    public function everythingStored(): array
    {
        $beside = [
            ...['activity_log', 'changes', 'stamps', 'sessions', 'answered_requests', 'sqlite_sequence', 'migrations'],
            ...['notifications', 'letters', 'access_links'],
        ];
        // Asked for once: tests write into tables, and make none.
        $tables = array_diff(self::$tables ??= Schema::getTableListing(schemaQualified: false), $beside);
        $passing = ['updated_at' => 1, 'created_at' => 1, 'begun_on' => 1, 'password' => 1, 'remember_token' => 1];

        return array_map(static function (string $table) use ($passing): array {
            $rows = PreparedSql::of("select * from \"$table\" order by id");
            $rows->execute();

            return array_map(static fn(array $row): array => array_diff_key($row, $passing), $rows->fetchAll(PDO::FETCH_ASSOC));
        }, array_combine($tables, $tables));
    }

    /**
     * Everything is stored as it was. What is alike is found so at once: the difference is only worked out where there is one.
     *
     * @param array<string, list<array<string, mixed>>> $stored
     */
    public function assertStoredAs(array $stored, string $message = ''): void
    {
        $now = $this->everythingStored();
        [$expected, $actual] = $now === $stored ? [[], []] : [$stored, $now];
        Assert::assertEquals($expected, $actual, $message);
    }

    /**
     * What is sent is refused at these fields in these words, and nothing is written.
     *
     * @param array<string, mixed> $sent
     * @param array<string, string> $errors words by field
     */
    public function assertRefused(string $method, string $address, array $sent, array $errors): void
    {
        $before = DB::table('activity_log')->count();
        $this->$method($address, $sent)->assertSessionHasErrors($errors);
        Assert::assertSame($before, DB::table('activity_log')->count(), "Something was written by $method $address.");
        $this->app['session']->forget('errors');
    }

    /**
     * The props of a screen, as the browser gets them.
     *
     * @return array<string, mixed>
     */
    public function props(string $address): array
    {
        $page = $this->get($address)->assertOk()->viewData('page');

        return json_decode(json_encode($page, JSON_THROW_ON_ERROR), true, 64, JSON_THROW_ON_ERROR)['props'];
    }
}
