<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Models\Contribution;
use App\Models\Following;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Rest;
use App\Models\Task;
use App\Models\Workspace;
use App\Store\RefusedChange;
use Illuminate\Support\Facades\Gate;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Decimal;
use Loftrin\Core\Goals\Figure;
use Loftrin\Core\Goals\MeasureKind;
use Loftrin\Core\Goals\Result;
use Loftrin\Core\Work\ProjectState;

/** Sets the goals that carry a closed one on in the next period. What is open beneath it goes along, and its work by choice. */
final readonly class CarryOn
{
    public function __construct(private Workspace $workspace, private SaveGoal $save)
    {
    }

    /**
     * @param array<int, Goal> $successors of goals closed in the same pass, by what they carry on
     * @param list<int> $apart goals beneath it that have an answer of their own in the same pass
     *
     * @return non-empty-list<Goal>
     *
     * @throws RefusedChange when a rule keeps it from standing there
     */
    public function __invoke(Person $who, Goal $goal, ClosingFigures $figures, ClosingDraft $draft, array $successors, array $apart): array
    {
        $into = $this->workspace->calendar()->upcoming($this->workspace->calendar()->period($goal->period), $this->workspace->today());
        $parent = $this->parentIn($into, $goal, $successors);
        $titles = $draft->titles === [] ? [$goal->title] : $draft->titles;
        $goals = [];

        foreach ($titles as $title) {
            $goals[] = ($this->save)(
                $who,
                $this->draft(
                    who: $who,
                    goal: $goal,
                    figure: $figures->figure($goal),
                    into: $into,
                    parent: $parent,
                    title: $title,
                    parts: count($titles),
                ),
            );
        }

        $this->bringWork($goal, $goals[0], $draft);
        $this->bringGoals(who: $who, from: $goal, to: $goals[0], figures: $figures, draft: $draft, apart: $apart);

        return $goals;
    }

    /** @param array<int, Goal> $successors */
    private function parentIn(Period $into, Goal $goal, array $successors): ?Goal
    {
        $parent = $successors[$goal->parent_id ?? 0] ?? $goal->parent;

        return $parent !== null && $this->workspace->calendar()->period($parent->period)->holds($into) ? $parent : null;
    }

    /** @param int $parts among how many its weight is shared */
    private function draft(Person $who, Goal $goal, Figure $figure, Period $into, ?Goal $parent, string $title, int $parts): GoalDraft
    {
        $isHidden = $goal->isHidden();
        $isOwn = $goal->owner_id === $who->id;
        $mayHang = ! $isHidden || $isOwn || ($parent !== null && $goal->audience()->includes($parent->audience()));
        $isMain =
            $goal->is_main &&
            $parts === 1 &&
            Gate::forUser($who)->allows('makeMain', $goal) &&
            Goal::query()->where('period', $into->name)->where('is_main', true)->doesntExist();

        return GoalDraft::carrying(
            $goal,
            $title,
            $into->name,
            $mayHang ? $parent?->id : null,
            $isMain,
            $isOwn && $goal->counts_unnamed,
            $parts === 1 ? (string) $goal->weight : Decimal::of((float) $goal->weight / $parts),
            ...$this->measure($goal, $figure, $parts > 1),
        );
    }

    /**
     * A number begins where it stands, a count has what is left to do; a part of either is judged by its work.
     *
     * @return array{MeasureKind, ?string, ?string} kind, start, target
     */
    private function measure(Goal $goal, Figure $figure, bool $isPart): array
    {
        $target = $goal->target_value === null ? null : (string) $goal->target_value;
        $reading = $figure->reading?->value->rounded();
        $isOpenNumber = $goal->measure === MeasureKind::Number && $reading !== null && $reading !== (float) $target;

        return match (true) {
            $isPart && ($goal->measure === MeasureKind::Number || $goal->measure === MeasureKind::Count) => [MeasureKind::Work, null, null],
            $isOpenNumber => [$goal->measure, Decimal::of($reading), $target],
            $goal->measure === MeasureKind::Count => [$goal->measure, null, (string) max(1, (float) $target - ($figure->counted ?? 0))],
            default => [$goal->measure, $goal->start_value === null ? null : (string) $goal->start_value, $target],
        };
    }

    /** Open projects come to serve the new goal too, open tasks move to it, each by choice; its followers follow. */
    private function bringWork(Goal $from, Goal $to, ClosingDraft $draft): void
    {
        $contributions = $draft->withProjects
            ? $from->contributions()->whereHas('project', static fn($project) => $project->whereIn('state', ProjectState::OPEN))->get()
            : [];
        $tasks = $draft->withTasks ? Task::query()->where('goal_id', $from->id)->whereNull('done_on')->whereNull('dropped_on')->get() : [];

        foreach ($contributions as $contribution) {
            Contribution::query()->firstOrCreate(
                ['project_id' => $contribution->project_id, 'goal_id' => $to->id],
                ['weight' => $contribution->weight],
            );
        }

        foreach ($tasks as $task) {
            $task->update(['goal_id' => $to->id, 'changed_on' => $this->workspace->today()]);
        }

        foreach ($from->followings()->get() as $following) {
            Following::query()->firstOrCreate(['goal_id' => $to->id, 'person_id' => $following->person_id]);
        }
    }

    /**
     * What is still open beneath it gets successors too, and is closed with it; a week or month whose time has ended stays.
     *
     * @param list<int> $apart
     */
    private function bringGoals(Person $who, Goal $from, Goal $to, ClosingFigures $figures, ClosingDraft $draft, array $apart): void
    {
        $calendar = $this->workspace->calendar();
        $today = $this->workspace->today();

        $open = $from->children()->visibleTo($who)->whereNull('closed_on')->whereKeyNot($apart);

        foreach ($open->with('viewers.group.memberships')->get() as $child) {
            if (Gate::forUser($who)->denies('update', $child)) {
                continue;
            }

            $stays =
                in_array($child->horizon, [Horizon::Week, Horizon::Month], true) && $calendar->period($child->period)->isOverOn($today);

            if (! $stays) {
                $next = ($this->save)(
                    $who,
                    $this->draft(
                        who: $who,
                        goal: $child,
                        figure: $figures->figure($child),
                        into: $this->into($child, $to),
                        parent: $to,
                        title: $child->title,
                        parts: 1,
                    ),
                );
                $this->bringWork($child, $next, $draft);
                $this->bringGoals(who: $who, from: $child, to: $next, figures: $figures, draft: $draft, apart: $apart);
            }

            $child->update(
                $figures->closing(
                    $child,
                    new ClosingDraft(
                        $figures->resultWith($child, $draft->result),
                        line: $stays ? 'Closed with the goal above.' : 'Carried over with the goal above.',
                        rest: $stays || $figures->resultWith($child, $draft->result) === Result::Met ? null : Rest::Carried,
                    ),
                ),
            );
        }
    }

    /** The period in which a goal beneath goes on: within that of the goal above it. */
    private function into(Goal $child, Goal $parent): Period
    {
        $calendar = $this->workspace->calendar();
        $above = $calendar->period($parent->period);
        $next =
            $child->horizon === $parent->horizon
                ? $above
                : $calendar->upcoming($calendar->period($child->period), $this->workspace->today());

        if ($above->holds($next)) {
            return $next;
        }

        $first = $calendar->periodOf($child->horizon, $above->span->first);

        return $above->holds($first) ? $first : $calendar->next($first);
    }
}
