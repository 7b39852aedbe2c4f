<?php

declare(strict_types=1);

namespace App\Actions\Meetings;

use App\Actions\Projects\ProjectRules;
use App\Models\Goal;
use App\Models\Guest;
use App\Models\Person;
use App\Models\Series;
use App\Models\StandingItem;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Recurrence;
use Loftrin\Core\Meetings\Agenda;

/** Makes a series of meetings, or changes one. */
final readonly class SaveSeries
{
    public function __construct(private ChangeLog $log, private ChangeRule $changeRule, private SaveAttendees $saveAttendees)
    {
    }

    /** @throws RefusedChange at the field that breaks a rule */
    public function __invoke(Person $who, SeriesDraft $draft, ?Series $series = null): Series
    {
        RefusedChange::unless('rule', static fn(): Recurrence => Recurrence::starting($draft->rule, $draft->startsOn));
        self::refuseTooLong($draft);
        self::refuseUnseen($who, $draft, $series);
        $this->refuseHidden($who, $draft);

        return $this->log->change($who, ($series === null ? 'Added' : 'Changed')." “{$draft->title}”", function () use (
            $who,
            $draft,
            $series,
        ): Series {
            $record = $series ?? new Series(['owner_id' => $who->id]);
            $startsOn = $series === null ? $draft->startsOn : ($this->changeRule)($series, $draft);
            $record
                ->fill([
                    'title' => $draft->title,
                    'purpose' => $draft->purpose,
                    'rule' => $draft->rule,
                    'starts_on' => $startsOn,
                    'timezone' => $draft->timezone,
                    'time' => $draft->time,
                    'minutes' => $draft->minutes,
                    'opening_minutes' => $draft->openingMinutes,
                    'is_private' => $draft->isPrivate,
                    'closing_minutes' => $draft->closingMinutes,
                    'rotates_every' => $draft->rotatesEvery,
                    'parts' => $draft->parts,
                    'project_id' => $draft->project,
                    'area_id' => $draft->area,
                ])
                ->save();
            ($this->saveAttendees)($record, $draft->attendees, $draft->groups);
            $this->saveGuests($record, $draft);
            $this->saveStanding($record, $draft);

            return $record;
        });
    }

    /** @throws RefusedChange where what is fixed takes longer than the meeting */
    private static function refuseTooLong(SeriesDraft $draft): void
    {
        $standing = array_sum(array_column($draft->standing, 'minutes'));
        $fixed = $draft->openingMinutes + $standing + ($draft->closingMinutes > Agenda::CLOSING_MINUTES ? $draft->closingMinutes : 0);

        if ($fixed > $draft->minutes) {
            throw $standing === 0
                ? new RefusedChange('openingMinutes', "The opening round takes $fixed min, which is longer than the meeting.")
                : new RefusedChange(
                    'standing',
                    ($draft->openingMinutes > 0 ? 'The opening round and the standing items' : 'The standing items').
                        " take $fixed min, which is longer than the meeting.",
                );
        }
    }

    /** @throws RefusedChange where nobody would attend, or who writes would not see it any more */
    private static function refuseUnseen(Person $who, SeriesDraft $draft, ?Series $series): void
    {
        $attendees = SaveAttendees::all($draft->attendees, $draft->groups);

        if ($attendees === []) {
            throw new RefusedChange('attendees', 'Nobody would attend. Choose people, or a group with people in it.');
        }

        if ($draft->isPrivate && ! in_array($who->id, $attendees, true)) {
            throw new RefusedChange(
                'isPrivate',
                'You would not be able to see this meeting. Add yourself, or make it visible to everyone.',
            );
        }

        // Once a team's, meetings stay the team's unless a lead says otherwise: a lead can always get them back.
        if ($series !== null && $draft->isPrivate && ! $series->is_private && ! $who->isLead()) {
            throw new RefusedChange('isPrivate', 'Only a lead can make a visible meeting private.');
        }
    }

    /** What a meeting looks at together must be seen by all who are there. */
    private function refuseHidden(Person $who, SeriesDraft $draft): void
    {
        ProjectRules::refuseUnnamable($who, $draft->project);

        foreach (array_column($draft->standing, 'project') as $place => $project) {
            ProjectRules::refuseUnnamable($who, $project, "standing.$place.project");
        }

        $goals = array_filter(array_column($draft->standing, 'goal'), is_int(...));

        if (Goal::query()->openToAll()->whereKey($goals)->count() < count(array_unique($goals))) {
            throw new RefusedChange('standing', 'A standing item can only be linked to a goal visible to everyone.');
        }
    }

    private function saveGuests(Series $series, SeriesDraft $draft): void
    {
        $series
            ->guests()
            ->whereNotIn('contact_id', $draft->guests)
            ->get()
            ->each(static function (Guest $guest): void {
                $guest->delete();
            });

        foreach (array_unique($draft->guests) as $contact) {
            Guest::query()->firstOrCreate(['series_id' => $series->id, 'contact_id' => $contact]);
        }
    }

    private function saveStanding(Series $series, SeriesDraft $draft): void
    {
        $kept = array_filter(array_column($draft->standing, 'id'), is_int(...));
        $series
            ->standingItems()
            ->whereKeyNot($kept)
            ->get()
            ->each(static function (StandingItem $item): void {
                $item->delete();
            });

        foreach ($draft->standing as $position => $item) {
            $record = $item['id'] === null ? null : StandingItem::query()->where('series_id', $series->id)->find($item['id']);
            ($record ?? new StandingItem(['series_id' => $series->id]))
                ->fill([
                    'position' => $position,
                    'title' => $item['title'],
                    'minutes' => $item['minutes'],
                    'owner_id' => $item['owner'],
                    'goal_id' => $item['goal'],
                    'project_id' => $item['project'],
                    'shows' => $item['shows'],
                ])
                ->save();
        }
    }
}
