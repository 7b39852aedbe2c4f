<?php

declare(strict_types=1);

namespace App\Actions\Undo;

use App\Models\Person;
use App\Models\Record;
use App\Store\RefusedChange;
use Illuminate\Database\QueryException;
use Spatie\Activitylog\Models\Activity;

/** Takes back what was written, within a change: with the rights of today, by the same rules, and all of it or nothing. */
final readonly class RevertEntries
{
    public function __construct(private StoredRules $rules)
    {
    }

    /**
     * @param iterable<Activity> $activities the last first
     *
     * @throws RefusedChange saying what stands in the way
     */
    public function __invoke(Person $who, iterable $activities): void
    {
        $touched = $stamps = [];

        foreach ($activities as $activity) {
            $entry = LoggedWrite::of($activity);

            if ($entry?->isStamp() === true) {
                $stamps[] = $entry;
            } elseif ($entry !== null) {
                $touched[] = self::reverse($who, $entry);
            }
        }

        // When tasks were changed is put back at the end: taking back what belongs to them is written of them as well.
        foreach ($stamps as $stamp) {
            $stamp->reverse();
        }

        $this->rules->check(array_filter($touched));
    }

    /** @return ?Record what was written; null when it is gone by it */
    private static function reverse(Person $who, LoggedWrite $entry): ?Record
    {
        // What only follows from a change, as what people are told of it, goes with it whatever they did with it since;
        // and nobody is told twice.
        if ($entry->isInPassing() && ($entry->isMade() || ! Permitted::may($who, $entry))) {
            $entry->record?->delete();

            return null;
        }

        Untouched::check($entry);
        Permitted::check($who, $entry);

        try {
            return $entry->reverse();
        } catch (QueryException $reason) {
            // What the database refuses: what it belonged to is gone, or its place is taken.
            throw str_starts_with((string) $reason->getCode(), '23')
                ? new RefusedChange('undo', 'This can no longer be undone because something it depends on has been changed or deleted.')
                : $reason;
        }
    }
}
