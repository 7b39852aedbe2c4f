<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Store\Remembered;
use Database\Demo\People;
use Database\Demo\Saltglass;
use Illuminate\Console\Command;
use Illuminate\Support\Carbon;
use Loftrin\Core\Calendar\Day;

final class LoadDemo extends Command
{
    protected $signature = 'demo:load {--on= : the day around which it is laid, YYYY-MM-DD; today unless given}';

    protected $description = 'Fill an empty workspace with the made-up company Saltglass Instruments';

    public function handle(): int
    {
        if (! Saltglass::isWanted()) {
            $this->components->info('There is a workspace already: the demo was not loaded.');

            return self::SUCCESS;
        }

        $on = Day::tryOf($this->option('on') ?? Carbon::now('Europe/Copenhagen')->format('Y-m-d'));

        if ($on === null) {
            $this->components->error("--on={$this->option('on')} is not a date: write it as YYYY-MM-DD.");

            return self::FAILURE;
        }

        // What was remembered of another workspace in this database is not true of this one.
        Remembered::forget();
        Saltglass::load($on);
        $this->components->info(
            'Saltglass Instruments is there. Sign in as '.
                People::email('noor').
                ' (lead) or '.
                People::email('mei').
                ' (member) with '.
                People::PASSWORD.
                '.',
        );

        return self::SUCCESS;
    }
}
