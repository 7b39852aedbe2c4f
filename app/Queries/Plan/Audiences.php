<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Models\Goal;
use App\Models\Person;
use App\Models\Project;
use App\Models\Visibility;
use Loftrin\Core\People\Audience;
use stdClass;

/** Who may see which of some goals or projects: those that are not for everyone are fetched with their viewers. */
final readonly class Audiences
{
    /** @var array<int, Audience> of those that are not for everyone, by id */
    private array $closed;

    /**
     * @param class-string<Goal>|class-string<Project> $class
     * @param array<int, stdClass> $rows by id, each with its visibility
     */
    public function __construct(string $class, private array $rows)
    {
        $closed = array_keys(array_filter($rows, static fn(stdClass $row): bool => $row->visibility !== Visibility::Everyone->value));
        $this->closed =
            $closed === []
                ? []
                : $class::query()
                    ->whereKey($closed)
                    ->with('viewers.group.memberships')
                    ->get()
                    ->keyBy('id')
                    ->map(static fn(Goal|Project $whole): Audience => $whole->audience())
                    ->all();
    }

    public function of(int $id): Audience
    {
        return $this->closed[$id] ?? Audience::everyone();
    }

    /**
     * @param ?Person $viewer null for what everyone may see
     *
     * @return array<int, stdClass> those that the person may see, by id
     */
    public function seenBy(?Person $viewer): array
    {
        return array_filter($this->rows, function (stdClass $row) use ($viewer): bool {
            $audience = $this->of((int) $row->id);

            return $viewer === null ? $audience->isEveryone() : $audience->admits($viewer->id);
        });
    }
}
