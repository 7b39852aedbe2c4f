<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\FinalMinutes;
use Illuminate\Console\Command;

/** Compares the text of all final minutes with its checksum. */
final class VerifyMinutes extends Command
{
    protected $signature = 'minutes:verify';

    protected $description = 'Check that no final minutes were changed since they were closed';

    public function handle(): int
    {
        $changed = 0;
        $all = 0;

        foreach (FinalMinutes::query()->orderBy('id')->lazyById(200) as $minutes) {
            $all++;

            if (! $minutes->isIntact()) {
                $changed++;
                $this->components->error("The minutes of meeting $minutes->meeting_id are not what they were when they were closed.");
            }
        }

        if ($changed > 0) {
            return self::FAILURE;
        }

        $this->components->info($all === 1 ? 'One set of minutes, unchanged.' : "$all sets of minutes, all unchanged.");

        return self::SUCCESS;
    }
}
