<?php

declare(strict_types=1);

namespace App\Queries\Day;

use App\Models\Person;
use App\Models\Review;
use App\Models\Workspace;
use App\Queries\Day\Answers\DuePass;
use App\Queries\Parts\Answers\PeriodTag;
use App\Queries\Reviews\FirstDay;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;

/**
 * Which month, quarter and year are still to be reviewed: for a while after they end, and of no time before one was there.
 */
final readonly class ReviewPasses
{
    /** For so many days after its end a period is asked about. */
    private const DAYS_AFTER = [['month', 14], ['quarter', 28], ['year', 60]];

    public function __construct(private Workspace $workspace, private FirstDay $firstDay)
    {
    }

    /** @return list<DuePass> the shortest first */
    public function of(Person $viewer): array
    {
        $over = $this->over($viewer);
        $held = Review::query()
            ->where('person_id', $viewer->id)
            ->whereNotNull('held_at')
            ->whereIn('period', array_map(static fn(Period $period): string => $period->name, $over))
            ->pluck('period')
            ->all();

        return array_map(
            static fn(Period $period): DuePass => new DuePass(
                "review $period->name",
                'Review '.PeriodTag::words($period),
                'Begins with what you wrote in it',
                route('reviews.show', $period->name, false),
                true,
            ),
            array_values(array_filter($over, static fn(Period $period): bool => ! in_array($period->name, $held, true))),
        );
    }

    /** @return list<Period> */
    private function over(Person $viewer): array
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();
        $over = [];

        foreach (self::DAYS_AFTER as [$horizon, $days]) {
            $last = $calendar->previous($calendar->periodOf(Horizon::from($horizon), $today));

            if ($today->number - $last->span->last->number <= $days && $this->firstDay->isBy($last->span->last, $viewer)) {
                $over[] = $last;
            }
        }

        return $over;
    }
}
