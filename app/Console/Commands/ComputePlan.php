<?php

declare(strict_types=1);

namespace App\Console\Commands;

use DateTimeImmutable;
use Illuminate\Console\Command;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\PlanFile\PlanComputation;
use Loftrin\Core\PlanFile\PlanReader;
use Loftrin\Core\PlanFile\RefusedPlan;
use Symfony\Component\Console\Output\OutputInterface;

/** Computes every figure of a plan file, with no database. */
final class ComputePlan extends Command
{
    protected $signature = 'plan:compute {file : a plan file, or - for standard input} '
        .'{--as-of= : YYYY-MM-DD; today in the plan’s time zone unless given}';

    protected $description = 'Compute every figure of a plan file as of a day';

    public function handle(): int
    {
        try {
            $document = PlanReader::read($this->content());
            $on = $this->asOf() ?? Day::of((new DateTimeImmutable('now', $document->timezone))->format('Y-m-d'));
        } catch (RefusedPlan $refused) {
            fwrite(STDERR, implode("\n", $refused->faults)."\n");

            return self::FAILURE;
        }

        $this->output->write(
            json_encode(
                (new PlanComputation($document, $on))->result(),
                JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
            )."\n",
            false,
            OutputInterface::OUTPUT_RAW,
        );

        return self::SUCCESS;
    }

    /** @throws RefusedPlan when the file cannot be read */
    private function content(): string
    {
        $file = $this->argument('file');
        $content = match (true) {
            $file === '-' => stream_get_contents(STDIN),
            is_file($file) && is_readable($file) => file_get_contents($file),
            default => false,
        };

        return $content === false ? throw new RefusedPlan(["plan: $file cannot be read"]) : $content;
    }

    /** @throws RefusedPlan when the day is none */
    private function asOf(): ?Day
    {
        $given = $this->option('as-of');

        return $given === null ? null : Day::tryOf($given) ?? throw new RefusedPlan(["plan: as-of $given is not a date"]);
    }
}
