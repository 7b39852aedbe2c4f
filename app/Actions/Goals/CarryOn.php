<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Models\Following;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Reading;
use App\Models\Rest;
use App\Models\Workspace;
use App\Store\RefusedChange;
use Illuminate\Support\Facades\Gate;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Decimal;
use Loftrin\Core\Goals\Figure;
use Loftrin\Core\Goals\Result;

/** Sets the goals that carry a closed one on in the next period. What is open beneath it goes along, and its work by choice. */
final readonly class CarryOn
{
    public function __construct(private Workspace $workspace, private SaveGoal $save, private BringWork $bring)
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
        $into = $this->workspace->upcoming($goal->period);
        $parent = $this->parentIn($into, $goal, $draft, $successors);
        $titles = $draft->titles === [] ? [$goal->title] : $draft->titles;
        $goals = [];

        foreach ($titles as $title) {
            $goals[] = $this->successor(
                who: $who,
                goal: $goal,
                figure: $figures->figure($goal),
                into: $into,
                parent: $parent,
                title: $title,
                parts: count($titles),
            );
        }

        $this->bringWork($goal, $goals[0], $draft);
        $this->bringGoals(who: $who, from: $goal, to: $goals[0], figures: $figures, draft: $draft, apart: $apart);

        return $goals;
    }

    /**
     * The goal above it, or what carries that on; where neither reaches so far, the one that was chosen.
     *
     * @param array<int, Goal> $successors
     *
     * @throws RefusedChange when nobody has said which goal it contributes to then
     */
    private function parentIn(Period $into, Goal $goal, ClosingDraft $draft, array $successors): ?Goal
    {
        $parent = $successors[$goal->parent_id ?? 0] ?? $goal->parent;

        return match (true) {
            $parent === null => null,
            $this->workspace->calendar()->period($parent->period)->holds($into) => $parent,
            $draft->parentIsSaid => self::chosen($draft->parent),
            default => throw new RefusedChange(
                'parent',
                "“{$parent->title}”, to which it contributes, ends before. Choose the goal that it contributes to then, or none.",
            ),
        };
    }

    /** @throws RefusedChange when it is gone */
    private static function chosen(?int $goal): ?Goal
    {
        return $goal === null
            ? null
            : Goal::query()->find($goal) ?? throw new RefusedChange('parent', 'This goal no longer exists.');
    }

    /** @param int $parts among how many its weight is shared */
    private function successor(Person $who, Goal $goal, Figure $figure, Period $into, ?Goal $parent, string $title, int $parts): Goal
    {
        $isHidden = $goal->isHidden();
        $isOwn = $goal->owner_id === $who->id;
        $mayHang = ! $isHidden || $isOwn || ($parent !== null && $goal->audience()->includes($parent->audience()));
        $isMain =
            $goal->is_main &&
            $parts === 1 &&
            Gate::forUser($who)->allows('makeMain', $goal) &&
            Goal::query()->where('period', $into->name)->where('is_main', true)->doesntExist();

        $measure = CarriedMeasure::of($goal, $figure, $parts > 1);
        $next = ($this->save)(
            $who,
            GoalDraft::carrying(
                goal: $goal,
                title: $title,
                period: $into->name,
                parent: $mayHang ? $parent?->id : null,
                isMain: $isMain,
                countsUnnamed: $isOwn && $goal->counts_unnamed,
                weight: $parts === 1 ? (string) $goal->weight : Decimal::of((float) $goal->weight / $parts),
                measure: $measure,
            ),
        );

        if ($measure->reading !== null) {
            Reading::query()->create([
                'goal_id' => $next->id,
                'on' => $this->workspace->today(),
                'value' => $measure->reading,
                'entered_by' => $who->id,
            ]);
        }

        return $next;
    }

    /** Its open tasks and recurring tasks, and its open projects, each by choice; its followers follow. */
    private function bringWork(Goal $from, Goal $to, ClosingDraft $draft): void
    {
        if ($draft->withTasks) {
            $this->bring->tasks($from, $to);
        }

        if ($draft->withProjects) {
            $this->bring->projects($from, $to);
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

            $isMet = $figures->resultWith($child, $draft->result) === Result::Met;
            $stays =
                $isMet ||
                (in_array($child->horizon, [Horizon::Week, Horizon::Month], true) && $calendar->period($child->period)->isOverOn($today));

            if (! $stays) {
                $next = $this->successor(
                    who: $who,
                    goal: $child,
                    figure: $figures->figure($child),
                    into: $this->into($child, $to),
                    parent: $to,
                    title: $child->title,
                    parts: 1,
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
                        rest: $stays ? null : Rest::Carried,
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
                : $this->workspace->upcoming($child->period);

        if ($above->holds($next)) {
            return $next;
        }

        $first = $calendar->periodOf($child->horizon, $above->span->first);

        return $above->holds($first) ? $first : $calendar->next($first);
    }
}
