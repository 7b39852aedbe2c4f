<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Person;
use App\Store\Remembered;
use Database\Demo\People;
use Database\Demo\Saltglass;
use Illuminate\Console\Command;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Hash;
use Loftrin\Core\Calendar\Day;

final class LoadDemo extends Command
{
    protected $signature = 'demo:load
        {--on= : the day around which it is laid, YYYY-MM-DD; today unless given}
        {--check : load nothing, and say whether its people can sign in}';

    protected $description = 'Fill an empty workspace with the made-up company Saltglass Instruments';

    public function handle(): int
    {
        if ($this->option('check')) {
            return self::isThere() ? self::SUCCESS : self::FAILURE;
        }

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

    private static function isThere(): bool
    {
        $lead = Person::query()->where('email', People::email('noor'))->whereNull('deactivated_on')->first();

        return $lead !== null && Hash::check(People::PASSWORD, $lead->password);
    }
}
