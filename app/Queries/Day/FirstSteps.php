<?php

declare(strict_types=1);

namespace App\Queries\Day;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Project;
use App\Models\Review;
use App\Models\Series;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Day\Answers\DuePass;
use Illuminate\Support\Carbon;
use Loftrin\Core\Calendar\Horizon;

/**
 * What a lead does first in a new workspace, one after the other, from the year down to the first review. Each step is real work
 * on the page that it is done on in any case; what is there already is passed over, in whatever order it came.
 */
final readonly class FirstSteps
{
    /** So long a workspace is new, in days: what is not there then is not missed. */
    private const NEW_FOR = 30;

    public function __construct(private Workspace $workspace)
    {
    }

    /** @return ?DuePass the next one; null once all is there, for members, and in a workspace that is not new */
    public function next(Person $viewer): ?DuePass
    {
        if (! $viewer->isLead() || ! $this->isNew()) {
            return null;
        }

        $steps = $this->steps($viewer);

        foreach ($steps as $place => [$isThere, $title, $link]) {
            if (! $isThere()) {
                return new DuePass('first', $title, 'First steps, '.($place + 1).' of '.count($steps), $link, true);
            }
        }

        return null;
    }

    private function isNew(): bool
    {
        $first = Person::query()->min('created_at');

        return is_string($first) && Carbon::parse($first)->diffInDays(Carbon::now()) < self::NEW_FOR;
    }

    /** @return list<array{callable(): bool, string, string}> whether it is there, what to do, and where */
    private function steps(Person $viewer): array
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();
        $goals = static fn(Horizon $horizon) => Goal::query()->visibleTo($viewer)->where('horizon', $horizon);
        $newGoal = static fn(string $period): string => route('goals.create', ['period' => $period], false);
        $page = static fn(string $name): string => route($name, absolute: false);
        [$year, $quarter, $week] = [$calendar->yearOf($today)->name, $calendar->quarterOf($today)->name, $calendar->weekOf($today)->name];

        return [
            [static fn(): bool => $goals(Horizon::Year)->exists(), 'Write the first goal of the year', $newGoal($year)],
            [static fn(): bool => $goals(Horizon::Quarter)->exists(), 'Write a goal of this quarter', $newGoal($quarter)],
            [static fn(): bool => Project::query()->visibleTo($viewer)->exists(), 'Add the first project', $page('projects.create')],
            [static fn(): bool => Task::query()->visibleTo($viewer)->exists(), 'Add its first tasks', $page('projects.index')],
            [static fn(): bool => Person::query()->count() > 1, 'Add the people around you', $page('people.index')],
            [static fn(): bool => Series::query()->visibleTo($viewer)->exists(), 'Add a weekly meeting', $page('series.create')],
            [static fn(): bool => $goals(Horizon::Week)->exists(), 'Set a goal for this week', $newGoal($week)],
            [
                static fn(): bool => Review::query()->where('person_id', $viewer->id)->whereNotNull('held_at')->exists(),
                'Finish the first review',
                route('reviews.show', $week, false),
            ],
        ];
    }
}
