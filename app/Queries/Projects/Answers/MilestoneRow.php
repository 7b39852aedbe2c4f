<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Models\Milestone;
use App\Models\Project;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use stdClass;

final readonly class MilestoneRow implements Props
{
    public function __construct(public int $id, public string $title, public Day $on, public ?Day $reachedOn, public bool $isLate)
    {
    }

    public static function of(Milestone $milestone, Day $today): self
    {
        return new self(
            $milestone->id,
            $milestone->title,
            $milestone->on,
            $milestone->reached_on,
            $milestone->reached_on === null && $milestone->on->isBefore($today),
        );
    }

    /** One that is only shown, and not reached. */
    public static function ofRow(stdClass $row, Day $today): self
    {
        $on = Day::of((string) $row->on);

        return new self((int) $row->id, (string) $row->title, $on, null, $on->isBefore($today));
    }

    /** @return list<self> */
    public static function all(Project $project, Day $today): array
    {
        return array_values(
            $project->milestones->map(static fn(Milestone $milestone): self => self::of($milestone, $today))->all(),
        );
    }
}
