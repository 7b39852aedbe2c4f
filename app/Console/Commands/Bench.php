<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Goals\StoredPlan;
use Illuminate\Console\Command;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Loftrin\Core\Calendar\Day;

/** Measures each main screen against an empty page of the same application in the same process. */
final class Bench extends Command
{
    private const RUNS = 9;

    private const EMPTY = '/sign-in';

    protected $signature = 'bench';

    protected $description = 'Measure the screens of the workspace that is loaded: server time, queries and bytes';

    public function handle(Kernel $kernel): int
    {
        $this->line(sprintf('%d people, %d goals, %d projects, %d tasks; median and 95th percentile of %d runs', Person::query()->count(), Goal::query()->count(), Project::query()->count(), Task::query()->count(), self::RUNS));
        $this->newLine();
        $empty = $this->measure($kernel, self::EMPTY, null);
        $this->row('an empty page', $empty, $empty['median']);

        foreach ($this->screens() as $name => $address) {
            $this->row($name, $this->measure($kernel, $address, Person::query()->firstOrFail()), $empty['median']);
        }

        $this->rollup();

        return self::SUCCESS;
    }

    /** @return array<string, string> */
    private function screens(): array
    {
        $workspace = Workspace::current();
        $today = $workspace->today();
        $quarter = $workspace->calendar()->quarterOf($today)->name;
        $goal = Goal::query()->where('period', $quarter)->orderBy('id')->firstOrFail();
        $project = Project::query()->where('state', 'active')->orderBy('id')->firstOrFail();
        $task = Task::query()->where('project_id', $project->id)->whereNull('done_on')->orderBy('id')->firstOrFail();

        return [
            'day' => '/', 'week' => '/weeks/'.$workspace->calendar()->weekOf($today)->name, 'list of today' => '/lists', 'undated' => '/lists/undated', 'fits my gap' => '/lists/gap',
            'sheet' => '/sheet', 'sheet of a quarter' => "/sheet/$quarter", 'goal' => "/goals/$goal->id", 'register' => '/projects', 'project' => "/projects/$project->id", 'task' => "/tasks/$task->id",
            'meetings' => '/meetings', 'series' => '/series/1', 'reviews' => '/reviews', 'people' => '/people', 'tray' => '/tray', 'direction' => '/direction', 'area' => '/areas/1', 'planning' => "/planning/$quarter/load", 'closing' => "/closing/$quarter",
        ];
    }

    /** @return array{median: float, late: float, queries: int, bytes: int} times in milliseconds, bytes compressed */
    private function measure(Kernel $kernel, string $address, ?Person $who): array
    {
        $times = [];
        [$queries, $bytes] = [0, 0];

        for ($run = 0; $run <= self::RUNS; $run++) {
            app()->forgetScopedInstances();
            Auth::forgetGuards();

            if ($who !== null) {
                Auth::setUser($who);
            }

            DB::flushQueryLog();
            DB::enableQueryLog();
            $start = hrtime(true);
            $response = $kernel->handle(Request::create($address));
            $taken = (hrtime(true) - $start) / 1e6;
            $queries = count(DB::getQueryLog());
            $bytes = strlen((string) gzencode((string) $response->getContent(), 6));

            if ($response->getStatusCode() !== 200) {
                $this->components->warn("$address answered {$response->getStatusCode()}");
            }

            // The first run warms up.
            if ($run > 0) {
                $times[] = $taken;
            }
        }

        DB::disableQueryLog();
        sort($times);

        return ['median' => $times[intdiv(self::RUNS, 2)], 'late' => $times[(int) ceil(self::RUNS * 0.95) - 1], 'queries' => $queries, 'bytes' => $bytes];
    }

    /** @param array{median: float, late: float, queries: int, bytes: int} $found */
    private function row(string $name, array $found, float $empty): void
    {
        $this->line(sprintf('%-20s %7.1f ms  %7.1f ms  %5.1f × empty  %3d queries  %6.1f kB', $name, $found['median'], $found['late'], $found['median'] / $empty, $found['queries'], $found['bytes'] / 1000));
    }

    /** The figures of all goals of the year against the bare aggregate that they rest on. */
    private function rollup(): void
    {
        $workspace = Workspace::current();
        $today = $workspace->today();
        $year = $workspace->calendar()->yearOf($today);
        [$ours, $bare] = [[], []];

        for ($run = 0; $run <= self::RUNS; $run++) {
            $start = hrtime(true);
            $this->allFigures(StoredPlan::ofYear($workspace, null, $year), $today);
            $middle = hrtime(true);
            DB::select('select t.project_id, count(*), sum(case when t.done_on <= ? then 1.0 else coalesce((select avg(case when s.done_on <= ? then 1.0 else 0.0 end) from steps s where s.task_id = t.id), 0) end)
                from tasks t where t.project_id in (select project_id from servings join goals on goals.id = servings.goal_id where goals.anchor_on between ? and ?)
                and (t.dropped_on is null or t.dropped_on > ?) and (t.shelved_on is null or t.shelved_on > ?) group by t.project_id', [(string) $today, (string) $today, (string) $year->span->first, (string) $year->span->last, (string) $today, (string) $today]);
            $end = hrtime(true);

            if ($run > 0) {
                $ours[] = ($middle - $start) / 1e6;
                $bare[] = ($end - $middle) / 1e6;
            }
        }

        sort($ours);
        sort($bare);
        $middle = intdiv(self::RUNS, 2);
        $this->newLine();
        $this->line(sprintf('roll-up of all goals of the year %.1f ms, the bare aggregate %.1f ms: %.1f ×', $ours[$middle], $bare[$middle], $ours[$middle] / $bare[$middle]));
    }

    private function allFigures(StoredPlan $stored, Day $today): void
    {
        $stored->prepare([$today]);

        foreach ($stored->goals as $goal) {
            $stored->figure($goal, $today);
        }
    }
}
