<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Models\Following;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Serving;
use App\Models\Task;
use App\Models\Visibility;
use App\Models\Workspace;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Goals\Figure;
use Loftrin\Core\Goals\MeasureKind;
use Loftrin\Core\Work\ProjectState;

/** Sets the goals that carry a closed one on in the next period, and lets its open work serve them. */
final readonly class CarryOn
{
    public function __construct(private Workspace $workspace, private SaveGoal $save)
    {
    }

    /**
     * @param list<string>     $titles     one of each new goal
     * @param array<int, Goal> $successors of goals closed in the same pass, by what they carry on
     *
     * @return non-empty-list<Goal>
     *
     * @throws RefusedChange when a rule keeps it from standing there
     */
    public function __invoke(Person $who, Goal $goal, Figure $figure, array $titles, array $successors): array
    {
        $into = $this->workspace->calendar()->upcoming($this->workspace->calendar()->period($goal->period), $this->workspace->today());
        $parent = $this->parentIn($into, $goal, $successors);
        $goals = [];

        foreach ($titles === [] ? [$goal->title] : $titles as $title) {
            $goals[] = ($this->save)($who, $this->draft($who, $goal, $figure, $into, $parent, $title, count($titles) > 1));
        }

        $this->bringWork($goal, $goals[0]);

        return $goals;
    }

    /** @param array<int, Goal> $successors */
    private function parentIn(Period $into, Goal $goal, array $successors): ?Goal
    {
        $parent = $successors[$goal->parent_id ?? 0] ?? $goal->parent;

        return $parent !== null && $this->workspace->calendar()->period($parent->period)->holds($into) ? $parent : null;
    }

    private function draft(Person $who, Goal $goal, Figure $figure, Period $into, ?Goal $parent, string $title, bool $isPart): GoalDraft
    {
        $isHidden = $goal->visibility !== Visibility::Everyone;
        $isOwn = $goal->owner_id === $who->id;
        $mayHang = ! $isHidden || $isOwn || ($parent !== null && $goal->audience()->includes($parent->audience()));
        $isMain = $goal->is_main && ! $isPart && Goal::query()->where('period', $into->name)->where('is_main', true)->doesntExist();

        return GoalDraft::carrying($goal, $title, $into->name, $mayHang ? $parent?->id : null, $isMain, $isOwn && $goal->counts_unnamed, ...$this->measure($goal, $figure, $isPart));
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
            $isOpenNumber => [$goal->measure, number_format($reading, 4, '.', ''), $target],
            $goal->measure === MeasureKind::Count => [$goal->measure, null, (string) max(1, (float) $target - ($figure->counted ?? 0))],
            default => [$goal->measure, $goal->start_value === null ? null : (string) $goal->start_value, $target],
        };
    }

    /** Open projects come to serve the new goal too, open tasks move to it, and its followers follow. */
    private function bringWork(Goal $from, Goal $to): void
    {
        foreach ($from->servings()->whereHas('project', static fn($project) => $project->whereIn('state', ProjectState::OPEN))->get() as $serving) {
            Serving::query()->firstOrCreate(['project_id' => $serving->project_id, 'goal_id' => $to->id], ['weight' => $serving->weight]);
        }

        foreach (Task::query()->where('goal_id', $from->id)->whereNull('done_on')->whereNull('dropped_on')->get() as $task) {
            $task->update(['goal_id' => $to->id, 'changed_on' => $this->workspace->today()]);
        }

        foreach ($from->followings()->get() as $following) {
            Following::query()->firstOrCreate(['goal_id' => $to->id, 'person_id' => $following->person_id]);
        }
    }

    /** The computed figure to be kept as the score, when the tasks that it was made of move on; null when there is none. */
    public static function kept(Figure $figure): ?string
    {
        return $figure->progress === null ? null : number_format($figure->progress->rounded(), 4, '.', '');
    }
}
