<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Goal;
use App\Queries\Plan\ListedGoal;
use App\Queries\Plan\StoredPlan;
use Illuminate\Support\Arr;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Goals\Contributor;
use Loftrin\Core\Goals\ContributorKind;
use Loftrin\Core\Goals\Lag;

/** Why a goal is behind, in a sentence: which of its parts are, or what else keeps it there. */
final readonly class LagWords
{
    /** So many parts are named. */
    private const NAMED = 3;

    public function __construct(private StoredPlan $stored)
    {
    }

    /** Null of a goal that is not behind. */
    public function of(Goal|ListedGoal $goal, Day $on): ?string
    {
        if (! $this->stored->figure($goal, $on)->band->isBehind()) {
            return null;
        }

        $lag = Lag::of($this->stored->core($goal), $this->stored->plan, $this->stored->rollup, $on);

        if ($lag === null) {
            return 'Its own readings decide its figure; goals and projects below do not change it.';
        }

        if ($lag->behind !== []) {
            return "Behind in it: {$this->named($lag->behind)}.";
        }

        $why = array_filter([
            $this->said($lag->closedShort, 'was closed below 100%', 'were closed below 100%'),
            $this->said($lag->allOrNothing, 'counts nothing before it is met', 'count nothing before they are met'),
            $this->said($lag->notBegun, 'has not begun', 'have not begun'),
            $this->said($lag->unmeasured, 'has nothing to measure yet', 'have nothing to measure yet'),
        ], is_string(...));

        return $why === []
            ? 'None of its parts is behind; together they have not come far enough for this day.'
            : 'None of its parts is behind, but '.implode('; ', $why).'.';
    }

    /** @param list<Contributor> $lines */
    private function said(array $lines, string $one, string $many): ?string
    {
        return $lines === [] ? null : "{$this->named($lines)} ".(count($lines) === 1 ? $one : $many);
    }

    /** @param list<Contributor> $lines */
    private function named(array $lines): string
    {
        $names = array_map($this->name(...), array_slice($lines, 0, self::NAMED));
        $others = count($lines) - count($names);

        return Arr::join([...$names, ...$others > 0 ? ["$others more"] : []], ', ', ' and ');
    }

    private function name(Contributor $line): string
    {
        $title = match ($line->kind) {
            ContributorKind::Goal => $this->stored->shows((int) $line->id) ? $this->stored->plan->goals[$line->id ?? '']->title : null,
            ContributorKind::Project => $this->stored->showsProject((int) $line->id)
                ? $this->stored->plan->projects[$line->id ?? '']->title
                : null,
            ContributorKind::Tasks => 'its own tasks',
        };

        return match (true) {
            $title === null => 'a part not visible to you',
            $line->kind === ContributorKind::Tasks => $title,
            default => "“{$title}”",
        };
    }
}
