<?php

declare(strict_types=1);

namespace App\Queries\Week;

use App\Models\Workspace;
use App\Queries\Week\Answers\NextDates;
use App\Store\RefusedChange;
use InvalidArgumentException;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\RhythmReader;

/** On which days a recurring task would come back by its words, before it is saved. */
final readonly class NextDatesOf
{
    /** So many are shown. */
    private const SHOWN = 3;

    public function __construct(private Workspace $workspace)
    {
    }

    /** @param ?Day $startsOn today unless said */
    public function words(string $words, ?Day $startsOn): NextDates
    {
        $from = $startsOn ?? $this->workspace->today();

        try {
            $rhythm = (new RhythmReader($this->workspace->calendar()->yearStartsIn))->read($words);
            $rhythm->refuseLate($from);
        } catch (InvalidArgumentException $reason) {
            return new NextDates([], '', RefusedChange::sentence($reason->getMessage()));
        }

        return new NextDates(
            array_map(strval(...), $rhythm->first(self::SHOWN, $rhythm->beginning($from))),
            $rhythm->isWhenNeeded() ? 'Comes only when you create it.' : 'The first comes at once, each other one after the last was done.',
            null,
        );
    }
}
