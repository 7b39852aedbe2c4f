<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Day\BeginDay;
use App\Actions\People\SendReturned;
use App\Models\Workspace;
use Illuminate\Console\Command;

/** What happens by the clock, whether somebody is there or not. Run once a minute by the scheduler. */
final class StrikeClock extends Command
{
    protected $signature = 'clock:strike';

    protected $description = 'Begin the day, and send the e-mails whose time has come';

    public function handle(BeginDay $begin, SendReturned $returned): int
    {
        // Whoever comes earlier finds the day begun; without anybody there, letters of the morning are for the morning.
        if (Workspace::current()->now()->format('H:i') >= SendReturned::MORNING) {
            $begin();
        }

        $returned();

        return self::SUCCESS;
    }
}
