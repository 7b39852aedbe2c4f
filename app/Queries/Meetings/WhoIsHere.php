<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\Meeting;
use App\Models\Person;
use App\Models\Presence;
use App\Models\Relations\Everybody;
use App\Queries\Meetings\Answers\HereNow;
use Illuminate\Support\Carbon;

/** Who has a running meeting open, and whose lines are still on their way. */
final readonly class WhoIsHere
{
    public function __construct(private Everybody $everybody)
    {
    }

    /** Notes that a page is open, and how many lines it holds that were not sent yet. It is no change of anything. */
    public static function note(Meeting $meeting, Person $who, string $browser, int $unsent): void
    {
        Presence::withoutEvents(
            static fn(): Presence => Presence::query()->updateOrCreate(
                ['meeting_id' => $meeting->id, 'browser' => $browser],
                ['person_id' => $who->id, 'seen_at' => Carbon::now(), 'unsent' => $unsent],
            ),
        );
    }

    /** A page that is left is not waited for. */
    public static function leave(Meeting $meeting, string $browser): void
    {
        Presence::query()->where('meeting_id', $meeting->id)->where('browser', $browser)->delete();
    }

    public function now(Meeting $meeting, Person $viewer): HereNow
    {
        return new HereNow($this->ids($meeting), $this->withUnsent($meeting, $viewer), $meeting->isClosing());
    }

    /** @return list<int> people */
    private function ids(Meeting $meeting): array
    {
        return array_values(
            Presence::query()
                ->here($meeting->id)
                ->distinct()
                ->orderBy('person_id')
                ->pluck('person_id')
                ->map(static fn(mixed $id): int => is_numeric($id) ? (int) $id : 0)
                ->all(),
        );
    }

    /** @return list<string> names of those whose pages hold lines that were not sent yet, of others than the one */
    public function withUnsent(Meeting $meeting, Person $but): array
    {
        $ids = Presence::query()
            ->here($meeting->id)
            ->where('unsent', '>', 0)
            ->where('person_id', '!=', $but->id)
            ->distinct()
            ->pluck('person_id')
            ->all();

        return array_values($this->everybody->all()->only($ids)->map(static fn(Person $person): string => $person->name)->sort()->all());
    }
}
