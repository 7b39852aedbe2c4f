<?php

declare(strict_types=1);

namespace App\Queries\Calendar;

use App\Models\Workspace;
use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\PeriodTag;
use App\Store\Question;
use App\Store\Remembered;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;

/** The periods that something is most often planned for: the present ones and those that follow. */
final readonly class TimesAhead
{
    public function __construct(private Workspace $workspace, private Remembered $remembered)
    {
    }

    /** @return list<Option> by horizon, the short ones first */
    public function all(): array
    {
        return $this->remembered->of(
            Question::ofAll('times ahead'),
            fn(): array => [
                ...$this->ahead(Horizon::Week, 10),
                ...$this->ahead(Horizon::Month, 6),
                ...$this->ahead(Horizon::Quarter, 4),
                ...$this->ahead(Horizon::Year, 2),
            ],
        );
    }

    /** @return list<Option> */
    private function ahead(Horizon $horizon, int $count): array
    {
        $calendar = $this->workspace->calendar();
        $present = $calendar->periodOf($horizon, $this->workspace->today());
        $options = [];

        for ($period = $present; count($options) < $count; $period = $calendar->next($period)) {
            $options[] = new Option($period->name, self::words($period).($period === $present ? ', this one' : ''), $horizon->value);
        }

        return $options;
    }

    private static function words(Period $period): string
    {
        return $period->horizon === Horizon::Quarter ? PeriodTag::wordsWithYear($period) : PeriodTag::words($period);
    }
}
