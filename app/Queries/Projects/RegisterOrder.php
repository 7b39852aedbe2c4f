<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Queries\Projects\Answers\RegisterFilter;
use Loftrin\Core\Fraction;
use Loftrin\Core\Work\ProjectCondition;
use Loftrin\Core\Work\ProjectState;

/** In what order projects stand in the register. */
final readonly class RegisterOrder
{
    /**
     * @param CountedWork $work that of the active ones at least; of all where they are sorted by progress
     * @param bool $isNumber whether the extra field by which they are sorted holds numbers
     */
    public function __construct(private CountedWork $work, private RegisterFilter $filter, private bool $isNumber)
    {
    }

    /** @return list<int|float|string> to be compared one by one */
    public function place(ListedProject $project): array
    {
        return [
            ...match ($this->filter->sort) {
                RegisterSort::Need => $this->need($project),
                RegisterSort::Title => [mb_strtolower($project->title)],
                RegisterSort::Due => self::saidFirst($project->dueOn?->number),
                RegisterSort::Progress => [self::share($this->work->of($project->id)?->progress)],
                RegisterSort::Owner => [$project->owner->name],
                RegisterSort::Rank => [$project->rank->value ?? 'Z'],
                RegisterSort::Changed => [-($project->changedOn->number ?? 0)],
                RegisterSort::Field => self::saidFirst($this->entry($project)),
            },
            $project->id,
        ];
    }

    /** @return list<int|float> active ones first; what is stuck, ready or furthest behind first among them */
    private function need(ListedProject $project): array
    {
        $facts = $project->state === ProjectState::Active ? $this->work->of($project->id) : null;
        $condition = match ($facts?->condition) {
            ProjectCondition::Stuck => 0,
            ProjectCondition::ReadyToClose => 1,
            null => 2,
        };

        return [RegisterHeadings::placeOf($project->state), $condition, self::gap($facts)];
    }

    /** Progress − expected, of one that has a pace; below 0 where it is behind. */
    private static function gap(?ProjectFacts $facts): float
    {
        $figure = $facts?->figure;

        return $figure?->expected === null ? 0.0 : self::share($figure->progress) - self::share($figure->expected);
    }

    private static function share(?Fraction $fraction): float
    {
        return $fraction === null ? 0.0 : $fraction->rounded(4);
    }

    /** Numbers by their size, words without regard to case; dates are written so that they sort. */
    private function entry(ListedProject $project): string|float|null
    {
        $entry = $project->entries[$this->filter->sortField ?? 0] ?? null;

        return match (true) {
            $entry === null => null,
            $this->isNumber => (float) str_replace(',', '.', $entry),
            default => mb_strtolower($entry),
        };
    }

    /** @return list<int|float|string> those of which nothing is said come last */
    private static function saidFirst(string|float|int|null $said): array
    {
        return [$said === null ? 1 : 0, $said ?? ''];
    }
}
