<?php

declare(strict_types=1);

namespace App\Actions\Week;

use App\Models\Person;
use App\Models\PersonWeek;
use App\Store\ChangeLog;
use Loftrin\Core\Calendar\Period;

/** Says in a line what a week is about for oneself. */
final readonly class SaveWeekLine
{
    public function __construct(private ChangeLog $log)
    {
    }

    /** @param ?string $words nothing takes the line away */
    public function __invoke(Person $who, Period $week, ?string $words): void
    {
        $this->log->change($who, "Changed your line of $week", static function () use ($who, $week, $words): void {
            $line = PersonWeek::query()->where('person_id', $who->id)->where('week', $week->name)->first();

            if ($words === null) {
                $line?->delete();
            } else {
                ($line ?? new PersonWeek(['person_id' => $who->id, 'week' => $week->name]))->fill(['words' => $words])->save();
            }
        });
    }
}
