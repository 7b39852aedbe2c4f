<?php

declare(strict_types=1);

namespace App\Queries\Meetings;

use App\Models\Attendee;
use App\Models\Guest;
use App\Models\Jot;
use App\Models\Meeting;
use App\Models\Person;
use App\Models\Series;
use App\Models\Workspace;
use App\Queries\Meetings\Answers\Occurrence;
use App\Queries\Meetings\Answers\RuleChange;
use App\Queries\Meetings\Answers\SeriesView;
use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Parts\Choices;
use App\Queries\Plan\StoredPlans;
use App\Store\Question;
use App\Store\Remembered;
use Illuminate\Support\Facades\Gate;

/** A series with the agenda of its next meeting, worked out from what was raised so far. */
final readonly class SeriesPage
{
    /** How many minutes are listed at first: half a year of weekly ones. */
    private const LISTED = 26;

    /** How many meetings ahead are listed. */
    private const COMING = 5;

    public function __construct(
        private Workspace $workspace,
        private StoredPlans $plans,
        private AgendaInStore $agendas,
        private ComingAgenda $coming,
        private Roles $roles,
        private MeetingsPage $meetings,
        private Choices $choices,
        private AgainstHours $against,
        private PointsFor $points,
        private Remembered $remembered,
    ) {
    }

    /** @param bool $all whether all its minutes are listed, not only the latest */
    public function of(Series $series, Person $viewer, bool $all = false): SeriesView
    {
        return $this->remembered->of(
            Question::by($viewer, 'recurring meeting', $series->id, $all),
            fn(): SeriesView => $this->workOut($series, $viewer, $all),
        );
    }

    private function workOut(Series $series, Person $viewer, bool $all): SeriesView
    {
        $series
            ->load([
                'attendees.person',
                'guests.contact',
                ...Series::DAYS,
                'project',
                'area',
                'standingItems.owner',
                'standingItems.goal',
                'standingItems.project',
                'meetings' => MeetingDays::current($this->workspace),
            ])
            ->loadCount(Series::COUNTS);
        $threads = $this->plans->threads($viewer);
        $agenda = $this->coming->of($series, $threads);
        $people = $series->attendees->map(static fn(Attendee $attendee): Person => $attendee->person)->keyBy('id');
        [$chair, $taker] = $this->roles->next($series, Occurrences::next($series, $this->workspace->today()));

        return new SeriesView(
            series: $this->meetings->row($series),
            attendees: array_values($people->map(PersonTag::of(...))->all()),
            guests: array_values($series->guests->map(static fn(Guest $guest): string => $guest->contact->name)->all()),
            chair: $people->get($chair)?->name,
            minuteTaker: $people->get($taker)?->name,
            agenda: $agenda,
            followUps: TaskRow::all($this->agendas->followUps($series), $threads, $this->workspace),
            held: array_values(
                $series
                    ->heldMeetings()
                    ->when(! $all, static fn($latest) => $latest->limit(self::LISTED))
                    ->get()
                    ->map(static fn(Meeting $meeting): Occurrence => Occurrences::held($series, $meeting))
                    ->all(),
            ),
            projects: $this->choices->openProjects(),
            against: $this->against->of($series, $people),
            coming: MeetingDays::coming($series, $this->workspace->today(), self::COMING),
            points: $this->points->with($viewer, array_values($people->map(static fn(Person $person): int => $person->id)->all())),
            belongsTo: self::belongsTo($series),
            changes: $this->changes($series),
            tray: Jot::query()->inTray($series)->count(),
            goals: $this->choices->openGoals(),
            mayRun: Gate::forUser($viewer)->allows('run', $series),
            mayChange: Gate::forUser($viewer)->allows('update', $series),
        );
    }

    private function changes(Series $series): ?RuleChange
    {
        return $series->timetable()->ruleOn($this->workspace->today())->until === null
            ? null
            : new RuleChange($series->starts_on, RuleWords::of($series->rule), $series->time, $series->minutes);
    }

    /** @return list<Option> */
    private static function belongsTo(Series $series): array
    {
        return [
            ...$series->project?->openTitle() === null
                ? []
                : [new Option(route('projects.show', $series->project, false), $series->project->title)],
            ...$series->area === null ? [] : [new Option(route('areas.show', $series->area, false), $series->area->name)],
        ];
    }
}
