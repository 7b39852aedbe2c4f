<?php

declare(strict_types=1);

namespace App\Actions\Direction;

use App\Models\PeriodWords;
use App\Models\Person;
use App\Store\ChangeLog;
use Loftrin\Core\Calendar\Period;

/** Says in a line what a period is about: a year's motto and why it was chosen, a quarter's line, a week's focus. */
final readonly class SavePeriodWords
{
    public function __construct(private ChangeLog $log)
    {
    }

    public function __invoke(Person $who, Period $period, ?string $words, ?string $why = null): void
    {
        $this->log->change($who, "Changed the motto of $period", static function () use ($period, $words, $why): void {
            $line = PeriodWords::query()->firstWhere('period', $period->name) ?? new PeriodWords(['period' => $period->name]);

            if ($words !== null) {
                $line->fill(['words' => $words, 'why' => $why])->save();
            } elseif ($line->exists) {
                $line->delete();
            }
        });
    }
}
