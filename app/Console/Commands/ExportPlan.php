<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Exchange\PlanExport;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

final class ExportPlan extends Command
{
    protected $signature = 'plan:export';

    protected $description = 'Write everything that all may see as a plan file to standard output';

    public function handle(PlanExport $export): int
    {
        $this->output->write(
            json_encode($export->of(), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n",
            false,
            OutputInterface::OUTPUT_RAW,
        );

        return self::SUCCESS;
    }
}
