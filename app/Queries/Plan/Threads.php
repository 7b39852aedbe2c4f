<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Models\Goal;
use App\Models\Person;
use App\Queries\Plan\Answers\Cord;

/** Which thread a goal, project or task leads into, as the sign it carries. */
final class Threads
{
    private const TONES = 4;

    /** @var array<array-key, Cord> by top goal */
    private array $cords = [];

    /** @param ?Person $viewer null for what everyone may see */
    public function __construct(private readonly Outline $outline, private readonly ?Person $viewer)
    {
        $place = 0;
        $isOpen = static fn(OutlinedGoal $goal): bool => $goal->isForEveryone;

        // What few may see comes last, so that the tones are the same for every reader.
        foreach (
            [
                ...array_filter($outline->goals, $isOpen),
                ...array_filter($outline->goals, static fn(OutlinedGoal $goal): bool => ! $isOpen($goal)),
            ] as $goal
        ) {
            if ($outline->topOf($goal->id) === $goal->id) {
                $this->cords[$goal->id] = new Cord($goal->mark ?? self::markOf($goal->title), ($place++ % self::TONES) + 1, $goal->title);
            }
        }
    }

    /** A goal of the year, if the viewer may see it. */
    public function goal(?int $id): ?OutlinedGoal
    {
        return $this->outline->goals[$id] ?? null;
    }

    /**
     * Those of the year that the viewer may see and that meet a condition.
     *
     * @param callable(OutlinedGoal): bool $holds
     *
     * @return list<int> their ids, in their order
     */
    public function where(callable $holds): array
    {
        return array_keys(array_filter($this->outline->goals, $holds));
    }

    /** The main goal of a period, if the viewer may see it. */
    public function mainOf(string $period): ?OutlinedGoal
    {
        return $this->goal($this->where(static fn(OutlinedGoal $goal): bool => $goal->isMain && $goal->period === $period)[0] ?? null);
    }

    /** Two letters for a title: the initials of its first two words that begin with one. */
    public static function markOf(string $title): string
    {
        preg_match_all('/(?<![\p{L}\p{N}])\p{L}/u', $title, $initials);
        preg_match_all('/\p{L}/u', $title, $letters);
        $mark = count($initials[0]) > 1 ? array_slice($initials[0], 0, 2) : array_slice($letters[0], 0, 2);

        return mb_strtoupper(str_pad(implode('', $mark), 2, 'X'));
    }

    /** The goal's title for the viewer; null when there is no goal, or none that they may see. */
    public function titleOf(?Goal $goal): ?string
    {
        $isSeen = $goal !== null && ($this->goal($goal->id) !== null || ($this->viewer !== null && $goal->isVisibleTo($this->viewer)));

        return $isSeen ? $goal->title : null;
    }

    /** Whether the viewer may see it: one that is open to all, or shown to them. */
    public function isSeen(int $goal, bool $isOpenToAll): bool
    {
        return $isOpenToAll ||
            $this->goal($goal) !== null ||
            ($this->viewer !== null && Goal::query()->visibleTo($this->viewer)->whereKey($goal)->exists());
    }

    public function ofGoal(int|string|null $goal): ?Cord
    {
        $top = $this->topOf($goal);

        return $top === null ? null : $this->cords[$top] ?? null;
    }

    /** @return ?string the id of the goal at the top of the thread */
    public function topOf(int|string|null $goal): ?string
    {
        $top = $this->outline->topOf((int) $goal);

        return $top === null ? null : (string) $top;
    }

    /** @return array<array-key, Cord> those of the year, by the goal at their top */
    public function all(): array
    {
        return $this->cords;
    }

    /** Of the goals that it serves, the one it serves most. */
    public function ofProject(?int $project): ?Cord
    {
        return $this->ofGoal($this->outline->servedBy((int) $project));
    }

    /** Of what a task is for: its own goal, else what its project serves most, else what it comes back for. */
    public function ofWork(?int $goal, ?int $project, ?int $comesBackFor): ?Cord
    {
        return match (true) {
            $goal !== null => $this->ofGoal($goal),
            $project !== null => $this->ofProject($project),
            default => $this->ofGoal($comesBackFor),
        };
    }
}
