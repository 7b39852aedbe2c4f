<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Attendee;
use App\Models\Contribution;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Project;
use App\Models\Retrospective;
use App\Models\Role;
use App\Models\Series;
use App\Models\Stage;
use App\Models\Task;
use App\Models\Visibility;
use App\Models\Workspace;
use Illuminate\Support\Carbon;
use Loftrin\Core\Calendar\Calendar;

/** Records as tests need them. Today is Wednesday 10 February 2027, week 6. */
final class Made
{
    public const TODAY = '2027-02-10';

    private static int $count = 0;

    public static function workspace(): Workspace
    {
        Carbon::setTestNow(self::TODAY.' 09:00:00');
        app()->forgetScopedInstances();

        return Workspace::query()->create([
            'name' => 'Saltglass Instruments',
            'timezone' => 'UTC',
            'week_starts_on' => 'monday',
            'year_starts_in' => 1,
            'working_days' => ['monday', 'tuesday', 'wednesday', 'thursday', 'friday'],
            'holidays' => [],
        ]);
    }

    /** Lets so many days go by. */
    public static function later(string $date): void
    {
        Carbon::setTestNow("$date 09:00:00");
        app()->forgetScopedInstances();
    }

    public static function person(Role $role = Role::Member, string $name = 'Mei Tanaka'): Person
    {
        $number = ++self::$count;

        return Person::query()
            ->create([
                'name' => $name,
                'initials' => 'MT',
                'email' => "person$number@saltglass.example",
                'password' => 'a-long-password',
                'role' => $role,
                'weekly_hours' => 40,
            ])
            ->refresh();
    }

    /** @param array<string, mixed> $more */
    public static function goal(Person $owner, string $period = '2027', array $more = []): Goal
    {
        $of = (new Calendar())->period($period);

        return Goal::query()
            ->create([
                'title' => "Goal of $period",
                'scope' => 'company',
                'visibility' => Visibility::Everyone,
                'horizon' => $of->horizon,
                'period' => $period,
                'starts_on' => $of->span->first,
                'ends_on' => $of->span->last,
                'anchor_on' => $of->anchor(),
                'owner_id' => $owner->id,
                'measure' => 'work',
                ...$more,
            ])
            ->refresh();
    }

    /**
     * @param list<Goal> $serves
     * @param list<string> $stages
     * @param array<string, mixed> $more
     */
    public static function project(Person $owner, array $serves = [], array $stages = [], array $more = []): Project
    {
        $project = Project::query()
            ->create(['title' => 'Moorings Orkney', 'owner_id' => $owner->id, 'state_on' => '2027-01-04', ...$more])
            ->refresh();

        foreach ($serves as $goal) {
            Contribution::query()->create(['project_id' => $project->id, 'goal_id' => $goal->id, 'weight' => 1]);
        }

        foreach ($stages as $position => $name) {
            Stage::query()->create(['project_id' => $project->id, 'position' => $position, 'name' => $name]);
        }

        return $project;
    }

    /** @param array<string, mixed> $more */
    public static function task(Person $owner, array $more = []): Task
    {
        $planned = $more['planned'] ?? null;
        $of = is_string($planned) ? (new Calendar())->planned($planned) : null;

        return Task::query()
            ->create([
                'title' => 'Order shackles',
                'owner_id' => $owner->id,
                'visibility' => Visibility::Everyone,
                'created_on' => '2027-01-04',
                'changed_on' => '2027-02-01',
                'planned_from' => $of->span->first ?? $of,
                'planned_to' => $of->span->last ?? $of,
                ...$more,
            ])
            ->refresh();
    }

    /**
     * @param list<Person> $attendees
     * @param array<string, mixed> $more
     */
    public static function series(array $attendees, array $more = []): Series
    {
        $series = Series::query()
            ->create([
                'title' => 'Team meeting',
                'rule' => 'FREQ=WEEKLY;BYDAY=MO',
                'starts_on' => '2027-01-04',
                'time' => '09:15',
                'minutes' => 30,
                ...$more,
            ])
            ->refresh();

        foreach ($attendees as $position => $person) {
            Attendee::query()->create(['series_id' => $series->id, 'person_id' => $person->id, 'position' => $position]);
        }

        return $series;
    }

    /**
     * One with a question.
     *
     * @param array<string, mixed> $more
     * @param list<Person> $others who take part besides
     */
    public static function retrospective(Person $holds, array $more = [], array $others = []): Retrospective
    {
        $retrospective = Retrospective::query()
            ->create(['person_id' => $holds->id, 'title' => 'The rollout', 'on' => self::TODAY, ...$more])
            ->refresh();
        $retrospective->questions()->create(['position' => 0, 'words' => 'What went well?']);

        foreach ([$holds, ...$others] as $person) {
            $retrospective->participants()->create(['person_id' => $person->id]);
        }

        return $retrospective;
    }
}
