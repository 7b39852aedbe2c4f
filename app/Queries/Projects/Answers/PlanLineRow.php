<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Models\PlanLine;
use App\Models\Project;
use App\Queries\Props;

final readonly class PlanLineRow implements Props
{
    /** @param ?int $task that it became */
    public function __construct(public int $id, public string $title, public ?int $task)
    {
    }

    /** @return list<self> */
    public static function all(Project $project): array
    {
        return array_values(
            $project->planLines
                ->map(static fn(PlanLine $line): self => new self($line->id, $line->title, $line->task_id))
                ->all(),
        );
    }
}
