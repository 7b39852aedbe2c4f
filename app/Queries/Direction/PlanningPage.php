<?php

declare(strict_types=1);

namespace App\Queries\Direction;

use App\Models\Person;
use App\Models\Planning;
use App\Models\Workspace;
use App\Queries\Direction\Answers\LongTerm;
use App\Queries\Direction\Answers\PlanningView;
use App\Queries\Direction\Answers\StretchTag;
use App\Queries\Goals\AboutGoals;
use App\Queries\Goals\ClosingPage;
use App\Queries\Goals\GoalPartsOf;
use App\Queries\Parts\Answers\PersonTag;
use App\Store\Question;
use App\Store\Remembered;
use Loftrin\Core\Calendar\Horizon;
use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Calendar\PlanningSpan;

/** The planning of a stretch, at one of its steps. */
final readonly class PlanningPage
{
    public function __construct(
        private Workspace $workspace,
        private PlanningGoals $goals,
        private ClosingPage $closing,
        private DirectionPage $direction,
        private GoalPartsOf $parts,
        private Loads $loads,
        private ShelfPage $shelf,
        private AboutGoals $about,
        private Remembered $remembered,
    ) {
    }

    /** @param ?PlanningStep $step null for where it was left; only what this step shows is fetched */
    public function of(PlanningSpan $stretch, Person $viewer, ?PlanningStep $step): PlanningView
    {
        return $this->remembered->of(
            Question::by($viewer, 'planning', $stretch->name, $step?->value),
            fn(): PlanningView => $this->workOut($stretch, $viewer, $step),
        );
    }

    private function workOut(PlanningSpan $stretch, Person $viewer, ?PlanningStep $step): PlanningView
    {
        $calendar = $this->workspace->calendar();
        $planning = Planning::query()->firstWhere('stretch', $stretch->name);
        $step ??= PlanningStep::at($planning->step ?? 0);
        $isAt = static fn(PlanningStep ...$steps): bool => in_array($step, $steps, true);
        $before = $stretch->previous($calendar);
        $past = $isAt(PlanningStep::LookBack)
            ? array_map(fn(Period $period) => $this->closing->of($period, $viewer), $before->periods)
            : [];
        [$above, $alone] = $isAt(PlanningStep::Direction, PlanningStep::Goals, PlanningStep::Order, PlanningStep::Shelve)
            ? $this->goals->of($stretch, $viewer)
            : [[], []];
        $isOfYear = $stretch->horizon() === Horizon::Year && $isAt(PlanningStep::Direction, PlanningStep::Goals);

        return new PlanningView(
            stretch: StretchTag::of($stretch, $calendar),
            step: $step,
            steps: PlanningStep::cases(),
            finishedOn: $planning?->finished_on,
            before: StretchTag::of($before, $calendar),
            next: StretchTag::of($stretch->next($calendar), $calendar),
            unfinished: array_merge(...array_map(static fn($view): array => array_column($view->open, 'goal'), $past)),
            results: array_merge(...array_map(static fn($view): array => $view->closed, $past)),
            tried: $isAt(PlanningStep::LookBack) ? $this->parts->stretch($before, $viewer) : [],
            longTerm: $isAt(PlanningStep::Direction) ? LongTerm::of($this->workspace) : null,
            direction: $isOfYear ? $this->direction->of($calendar->yearOf($stretch->anchor()), $viewer) : null,
            above: $above,
            alone: $alone,
            parts: $isAt(PlanningStep::Efforts) ? $this->parts->stretch($stretch, $viewer) : [],
            load: $isAt(PlanningStep::Goals, PlanningStep::Order, PlanningStep::Efforts, PlanningStep::Hours, PlanningStep::Shelve)
                ? $this->loads->of($stretch, $viewer)
                : [],
            shelf: $isAt(PlanningStep::Shelve) ? $this->shelf->until($viewer, $stretch->span->last) : [],
            people: $isAt(PlanningStep::Efforts) ? PersonTag::all() : [],
            written: match ($step) {
                PlanningStep::LookBack => array_merge(...array_map(static fn($view): array => $view->written, $past)),
                PlanningStep::Goals => $this->about->of($viewer, [
                    ...array_map(static fn(Period $period): string => $period->name, $stretch->periods),
                    $calendar->quarterOf($stretch->anchor())->name,
                    $calendar->yearOf($stretch->anchor())->name,
                ]),
                default => [],
            },
        );
    }
}
