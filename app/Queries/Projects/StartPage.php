<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Models\Person;
use App\Models\Project;
use App\Models\Relations\Everybody;
use App\Models\Template;
use App\Models\TemplateTask;
use App\Models\Workspace;
use App\Queries\Hours\Capacities;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Choices;
use App\Queries\Projects\Answers\PersonLoad;
use App\Queries\Projects\Answers\RoleChoice;
use App\Queries\Projects\Answers\StartView;
use App\Queries\Projects\Answers\WeekLoad;
use Loftrin\Core\Calendar\Calendar;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\Task;

/** What starting a project from a template would bring, before it is started. */
final readonly class StartPage
{
    public function __construct(
        private Workspace $workspace,
        private Choices $choices,
        private Capacities $capacities,
        private Everybody $everybody,
    ) {
    }

    /** @param array<string, int> $chosen people by role, as far as they are chosen */
    public function of(Template $template, Person $viewer, ?string $title, ?Day $start, array $chosen): StartView
    {
        $template->load('tasks');
        $calendar = $this->workspace->calendar();
        $from = $start ?? $calendar->workingDayFrom($this->workspace->today());
        $last = Project::query()->visibleTo($viewer)->where('template_id', $template->id)->latest('id')->first()->template_roles ?? [];
        $people = $this->everybody->all();
        $taker = static fn(string $role): int => $people->has($chosen[$role] ?? ($last[$role] ?? 0))
            ? $chosen[$role] ?? ($last[$role] ?? 0)
            : $viewer->id;
        $number = $template->projects()->visibleTo($viewer)->count() + 1;

        return new StartView(
            id: $template->id,
            template: $template->title,
            title: $title ?? ($number === 1 ? $template->title : "$template->title $number"),
            start: $from,
            due: $template->days === null ? null : $calendar->workingDayFrom($from->plus($template->days)),
            tasks: $template->tasks->count(),
            roles: array_map(
                static fn(string $role): RoleChoice => new RoleChoice(
                    $role,
                    $template->tasks->where('role', $role)->count(),
                    $taker($role),
                ),
                $template->roles(),
            ),
            loads: $this->loads(
                $template,
                $from,
                $people->all(),
                static fn(TemplateTask $task): int => $task->role === null ? $viewer->id : $taker($task->role),
                $viewer,
            ),
            people: PersonTag::all(),
            goals: $this->choices->goals($viewer),
        );
    }

    /**
     * @param array<array-key, Person> $people by id
     * @param callable(TemplateTask): int $taker
     *
     * @return list<PersonLoad> the one with most to do first
     */
    private function loads(Template $template, Day $from, array $people, callable $taker, Person $viewer): array
    {
        $calendar = $this->workspace->calendar();
        $added = self::added($template, $from, $taker, $calendar);
        $weeks = array_map(
            $calendar->period(...),
            array_values(
                array_diff(
                    array_unique(
                        array_merge(
                            [],
                            ...array_map(static fn(array $of): array => array_map(strval(...), array_keys($of)), array_values($added)),
                        ),
                    ),
                    [''],
                ),
            ),
        );
        $known = $this->capacities->knownByWeek($weeks);
        [$capacities, $loads] = [[], []];

        foreach ($weeks as $week) {
            $capacities[$week->name] = $this->capacities->week($week);
        }

        foreach ($added as $person => $byWeek) {
            ksort($byWeek);
            $rows = [];

            foreach (array_diff_key($byWeek, ['' => true]) as $name => $minutes) {
                $rows[] = WeekLoad::of(
                    $name,
                    $capacities[$name][$person],
                    array_sum($minutes),
                    $person === $viewer->id ? null : $known[$person][$name] ?? 0,
                );
            }

            $loads[] = new PersonLoad(
                PersonTag::of($people[$person]),
                array_sum(array_map(count(...), $byWeek)),
                array_sum($byWeek[''] ?? []),
                $rows,
            );
        }

        usort($loads, static fn(PersonLoad $a, PersonLoad $b): int => $b->tasks <=> $a->tasks);

        return $loads;
    }

    /**
     * @param callable(TemplateTask): int $taker
     *
     * @return array<int, array<string, non-empty-list<int>>> minutes of each task, by person and week; by '' what has no day
     */
    private static function added(Template $template, Day $from, callable $taker, Calendar $calendar): array
    {
        $added = [];

        foreach ($template->tasks as $task) {
            $due = $task->day === null ? null : $calendar->workingDayFrom($from->plus($task->day));
            $added[$taker($task)][$due === null ? '' : $calendar->weekOf($due)->name][] = $task->minutes ?? Task::USUAL_MINUTES;
        }

        return $added;
    }
}
