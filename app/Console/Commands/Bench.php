<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Bench\Browser;
use App\Console\Bench\RollupTimes;
use App\Console\Bench\Timed;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use App\Models\Workspace;
use App\Store\StampAlone;
use Closure;
use Illuminate\Console\Command;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/**
 * Measures each main screen against an empty page of the same application, asked for over HTTP from the same server in the
 * same run: the two in turn, so that a machine that is now fast and now slow is so to both.
 */
final class Bench extends Command
{
    private const RUNS = 15;

    /** How often a task is ticked, or no longer, and the screen asked for right after: an even number, so that it ends as it was. */
    private const CHANGES = 10;

    private const EMPTY = '/sign-in';

    protected $signature = 'bench {address : where the workspace that is loaded is served, as http://127.0.0.1:8000}';

    protected $description = 'Measure the screens of the workspace that is loaded: server time, queries and bytes';

    public function handle(Kernel $kernel): int
    {
        $this->line(
            sprintf(
                '%d people, %d goals, %d projects, %d tasks; median and 95th percentile of %d runs',
                Person::query()->count(),
                Goal::query()->count(),
                Project::query()->count(),
                Task::query()->count(),
                self::RUNS,
            ),
        );
        $this->newLine();
        $server = rtrim($this->argument('address'), '/');
        [$signedIn, $stranger] = [new Browser($server), new Browser($server)];
        $person = Person::query()->firstOrFail();
        $signedIn->signIn($person);
        $change = self::change($signedIn, $person);
        $this->row('an empty page', self::measure($stranger, self::EMPTY, $stranger, $change), $this->queries($kernel, self::EMPTY, null));

        foreach ($this->screens() as $name => $address) {
            $this->row($name, self::measure($signedIn, $address, $stranger, $change), $this->queries($kernel, $address, $person));
        }

        $this->newLine();
        $this->line((new RollupTimes(self::RUNS))->said());

        return self::SUCCESS;
    }

    /** @return array<string, string> */
    private function screens(): array
    {
        $workspace = Workspace::current();
        $today = $workspace->today();
        $quarter = $workspace->calendar()->quarterOf($today)->name;
        $goal = self::goalOf($quarter);
        $yearGoal = self::goalOf($workspace->calendar()->yearOf($today)->name);
        $project = Project::query()->where('state', 'active')->orderBy('id')->firstOrFail();
        $task = Task::query()->where('project_id', $project->id)->whereNull('done_on')->orderBy('id')->firstOrFail();

        return [
            'question of a room' => '/stamp?token='.StampAlone::token(config()->string('app.key')),
            'day' => '/',
            'week' => '/weeks/'.$workspace->calendar()->weekOf($today)->name,
            'list of today' => '/lists/today',
            'by date' => '/lists',
            'not scheduled' => '/lists/not_scheduled',
            'fits my free time' => '/lists/free_time',
            'year' => '/year',
            'year, one quarter' => "/year/$quarter",
            'goal' => "/goals/$goal->id",
            'goal of the year' => "/goals/$yearGoal->id",
            'register' => '/projects',
            'register, all' => '/projects?state=all&sort=title',
            'templates' => '/templates',
            'recurring tasks' => '/recurring-tasks',
            'built list' => '/lists/new?conditions[0][field]=owner&conditions[0][value]=me',
            'project' => "/projects/$project->id",
            'task' => "/tasks/$task->id",
            'meetings' => '/meetings',
            'series' => '/series/1',
            'reviews' => '/reviews',
            'people' => '/people',
            'tray' => '/tray',
            'direction' => '/direction',
            'area' => '/areas/1',
            'planning' => "/planning/$quarter/hours",
            'closing' => "/closing/$quarter",
        ];
    }

    private static function goalOf(string $period): Goal
    {
        return Goal::query()->where('period', $period)->orderBy('id')->firstOrFail();
    }

    /** @return Closure(int): void ticks a task of the person, and at the next number takes that back */
    private static function change(Browser $browser, Person $person): Closure
    {
        $task = Task::query()
            ->where('owner_id', $person->id)
            ->whereNull(['done_on', 'dropped_on', 'shelved_on'])
            ->whereNotNull('project_id')
            ->orderBy('id')
            ->firstOrFail();

        return static fn(int $run) => $browser->send('PUT', "/tasks/$task->id/tick", ['done' => $run % 2]);
    }

    /**
     * @param Closure(int): void $change
     *
     * @return array{median: float, late: float, empty: float, anew: float, best: float, bytes: int} milliseconds, and bytes compressed
     */
    private static function measure(Browser $browser, string $address, Browser $stranger, Closure $change): array
    {
        $times = $empty = $anew = [];
        $bytes = 0;

        for ($run = 0; $run <= self::RUNS; $run++) {
            [$nothing] = $stranger->visit(self::EMPTY);
            [$taken, $bytes] = $browser->visit($address);

            // The first run warms up.
            if ($run > 0) {
                $empty[] = $nothing;
                $times[] = $taken;
            }
        }

        for ($run = 1; $run <= self::CHANGES; $run++) {
            $change($run);
            [$anew[]] = $browser->visit($address);
        }

        sort($times);

        return [
            'median' => Timed::median($times),
            'late' => $times[(int) ceil(self::RUNS * 0.95) - 1],
            'empty' => Timed::median($empty),
            'anew' => Timed::median($anew),
            'best' => min([INF, ...$anew]),
            'bytes' => $bytes,
        ];
    }

    /** How many questions the screen asks of the database, counted in this process. */
    private function queries(Kernel $kernel, string $address, ?Person $who): int
    {
        app()->forgetScopedInstances();
        Auth::forgetGuards();

        if ($who !== null) {
            Auth::setUser($who);
        }

        DB::flushQueryLog();
        DB::enableQueryLog();
        $kernel->handle(Request::create($address));
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    }

    /** @param array{median: float, late: float, empty: float, anew: float, best: float, bytes: int} $found */
    private function row(string $name, array $found, int $queries): void
    {
        $this->line(
            sprintf(
                '%-20s %7.1f ms  %7.1f ms  %5.1f × empty  %3d queries  %6.1f kB  %7.1f ms after a change, %5.1f at best',
                $name,
                $found['median'],
                $found['late'],
                $found['median'] / $found['empty'],
                $queries,
                $found['bytes'] / 1000,
                $found['anew'],
                $found['best'],
            ),
        );
    }
}
