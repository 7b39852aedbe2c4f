<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Models\Goal;
use App\Models\Rest;
use App\Models\Workspace;
use App\Queries\Plan\Beneath;
use App\Queries\Plan\StoredPlan;
use Loftrin\Core\Decimal;
use Loftrin\Core\Goals\Band;
use Loftrin\Core\Goals\Contributor;
use Loftrin\Core\Goals\Figure;
use Loftrin\Core\Goals\MeasureKind;
use Loftrin\Core\Goals\Result;

/** What was computed for a goal and all beneath it before anything of them moves on, and how they are closed with it. */
final readonly class ClosingFigures
{
    /**
     * @param array<int, Figure> $figures by goal
     * @param array<int, list<Contributor>> $sums what they are made of, by goal
     */
    private function __construct(private Workspace $workspace, private array $figures, private array $sums)
    {
    }

    public static function of(Workspace $workspace, Goal $goal): self
    {
        $today = $workspace->today();
        $stored = StoredPlan::beneath($workspace, null, [$goal->id]);
        $stored->prepare([$today]);
        $figures = $sums = [];

        foreach (
            Goal::query()
                ->whereRaw(Beneath::holds('goals.id'), [$goal->id])
                ->get() as $each
        ) {
            $figures[$each->id] = $stored->figure($each, $today);
            $sums[$each->id] = $stored->rollup->contributors($stored->core($each), $today);
        }

        return new self($workspace, $figures, $sums);
    }

    public function figure(Goal $goal): Figure
    {
        return $this->figures[$goal->id];
    }

    /** What was computed, 0 to 1, to be kept beside what is decided; null when nothing was measured. */
    public function computed(Goal $goal): ?string
    {
        $progress = $this->figure($goal)->progress;

        return $progress === null ? null : Decimal::of($progress->rounded());
    }

    /**
     * The columns that close a goal. Where its work ends with it, what was computed stays its figure; what goes on leaves behind what it
     * was, and a limit rests on its readings, which stay (computation 4).
     *
     * @return array<string, mixed>
     */
    public function closing(Goal $goal, ClosingDraft $draft): array
    {
        $isKept = $draft->rest !== null && ! $draft->goesOn() && $draft->result !== Result::Met && $goal->measure !== MeasureKind::Keep;

        return [
            'closed_on' => $this->workspace->today(),
            'result' => $draft->result,
            'rest' => $draft->rest,
            'score' => $draft->score ?? ($isKept ? $this->computed($goal) : null),
            'computed' => $this->computed($goal),
            'computed_from' => $this->sums[$goal->id] === [] ? null : $this->sums[$goal->id],
            'closing_line' => $draft->line,
            'shelved_on' => $draft->rest === Rest::Shelved ? $this->workspace->today() : null,
            'return_on' => $draft->returnOn,
        ];
    }

    /**
     * The result of a goal that is closed with the one above it: met if all of it is done; at its end what was not met was
     * not met, and only before that it can be stopped, so that nobody's year improves because something was given up. A limit
     * that goes on before its period is over is met in part: for the days until now.
     */
    public function resultWith(Goal $goal, ?Result $carried = null): Result
    {
        return match (true) {
            $this->figure($goal)->band === Band::Reached => Result::Met,
            $carried !== null && $this->isKept($goal) => Result::InPart,
            $carried !== null => $carried,
            $this->workspace->today()->isBefore($goal->ends_on) => Result::Stopped,
            default => Result::NotMet,
        };
    }

    private function isKept(Goal $goal): bool
    {
        return $goal->measure === MeasureKind::Keep && $this->figure($goal)->band === Band::OnPace;
    }
}
