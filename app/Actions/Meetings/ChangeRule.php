<?php

declare(strict_types=1);

namespace App\Actions\Meetings;

use App\Models\FormerRule;
use App\Models\Series;
use App\Models\Workspace;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;

/** Another rule, time or length of a series from a day on: until the day before, the one that is there holds. A part of a change. */
final readonly class ChangeRule
{
    public function __construct(private Workspace $workspace)
    {
    }

    /**
     * @param Series $series as it is before the change
     *
     * @return Day from which the rule of the draft counts
     *
     * @throws RefusedChange when the day from which it is to hold has passed
     */
    public function __invoke(Series $series, SeriesDraft $draft): Day
    {
        $today = $this->workspace->today();

        if ($draft->appliesFrom?->isBefore($today) === true) {
            throw new RefusedChange('appliesFrom', 'This day has passed. What was held stays as it is.');
        }

        $isAnother = [$draft->rule, $draft->time, $draft->minutes] !== [$series->rule, $series->time, $series->minutes];
        $isPending = $series->formerRules()->where('until', '>=', (string) $today)->exists();

        if (! $isAnother || ($draft->appliesFrom === null && ! $isPending)) {
            return $draft->startsOn;
        }

        $from = $draft->appliesFrom ?? $today;
        $this->end($series, $from->plus(-1));

        return $draft->startsOn->isAfter($from) ? $draft->startsOn : $from;
    }

    /** The rule that holds on the day ends with it; what was to begin later does not begin any more. */
    private function end(Series $series, Day $last): void
    {
        $cut = $series->formerRules()->where('until', '>=', (string) $last)->get();

        foreach ($cut->skip(1) as $never) {
            $never->delete();
        }

        if ($cut->isNotEmpty()) {
            $cut->firstOrFail()->update(['until' => $last]);
        } elseif (! $last->isBefore($series->starts_on)) {
            FormerRule::query()->create([
                'series_id' => $series->id,
                'until' => $last,
                'rule' => $series->rule,
                'starts_on' => $series->starts_on,
                'time' => $series->time,
                'minutes' => $series->minutes,
            ]);
        }
    }
}
