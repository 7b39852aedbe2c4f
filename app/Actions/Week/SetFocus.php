<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Actions\ChangeLog;
use App\Models\PeriodWords;
use App\Models\Person;
use Loftrin\Core\Calendar\Period;

/** Says in a line what a period is about: a year's theme, a quarter's line, a week's focus. */
final readonly class SetFocus
{
    public function __construct(private ChangeLog $log)
    {
    }

    public function __invoke(Person $who, Period $period, ?string $words): void
    {
        $this->log->change($who, "Set the line of $period", static function () use ($period, $words): void {
            $line = PeriodWords::query()->firstWhere('period', $period->name) ?? new PeriodWords(['period' => $period->name]);

            if ($words !== null) {
                $line->fill(['words' => $words])->save();
            } elseif ($line->exists) {
                $line->delete();
            }
        });
    }
}
