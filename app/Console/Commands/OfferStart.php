<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Person;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\URL;

final class OfferStart extends Command
{
    /** How long the address is good, in hours. */
    private const HOURS = 24;

    protected $signature = 'workspace:start {--at= : where it is served, as http://127.0.0.1:8000; the configured address if left out}';

    protected $description = 'Give the address at which the first lead starts an empty workspace';

    public function handle(): int
    {
        if (Person::query()->exists()) {
            $this->components->error('This workspace was started already. Its leads add people on the People page.');

            return self::FAILURE;
        }

        $at = $this->option('at') ?? config()->string('app.url');
        $this->line(rtrim($at, '/').URL::temporarySignedRoute('start', now()->addHours(self::HOURS), absolute: false));

        return self::SUCCESS;
    }
}
