<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Store\Remembered;
use Database\Demo\Saltglass;
use Database\Demo\Scale;
use Illuminate\Console\Command;
use Illuminate\Support\Carbon;
use Loftrin\Core\Calendar\Day;

final class LoadScale extends Command
{
    protected $signature = 'demo:scale {--tasks=100000 : how many}';

    protected $description = 'Fill an empty workspace as large as one gets: 30 people, 3 years, 500 goals, 800 projects, 800 meetings';

    public function handle(): int
    {
        $tasks = $this->option('tasks');

        if (! is_numeric($tasks) || (int) $tasks < 800) {
            $this->components->error('--tasks is a number from 800 on: each of the 800 projects has at least one.');

            return self::FAILURE;
        }

        if (! Saltglass::isWanted()) {
            $this->components->error('There is a workspace already: nothing was loaded.');

            return self::FAILURE;
        }

        // What was remembered of another workspace in this database is not true of this one.
        Remembered::forget();
        Scale::load(Day::of(Carbon::now()->format('Y-m-d')), (int) $tasks);
        $this->components->info('A large workspace is there.');

        return self::SUCCESS;
    }
}
