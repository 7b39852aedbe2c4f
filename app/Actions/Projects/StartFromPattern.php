<?php

declare(strict_types=1);

namespace App\Actions\Projects;

use App\Models\Pattern;
use App\Models\Person;
use App\Models\Project;
use App\Models\Workspace;
use App\Store\ChangeLog;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\Pattern\Piece;

/** Starts a project from a pattern: its stages and tasks, with owners for the roles and dates from the start. */
final readonly class StartFromPattern
{
    public function __construct(
        private ChangeLog $log,
        private Workspace $workspace,
        private SaveProject $save,
        private TakePattern $take,
    ) {
    }

    /**
     * @param array<string, int> $roles people by role; whoever owns the project takes the rest
     * @param list<int> $goals that it serves
     */
    public function __invoke(Person $who, Pattern $pattern, string $title, Day $start, array $roles, array $goals = []): Project
    {
        $pattern->load(['stages', 'tasks.stage', 'tasks.steps']);

        return $this->log->change($who, "Started “{$title}” from the pattern “{$pattern->title}”", function () use (
            $who,
            $pattern,
            $title,
            $start,
            $roles,
            $goals,
        ): Project {
            $project = ($this->save)(
                $who,
                new ProjectDraft(
                    $title,
                    outcome: $pattern->outcome,
                    area: $pattern->area_id,
                    weighing: $pattern->weighing,
                    order: $pattern->order,
                    startsOn: $start,
                    dueOn: $pattern->days === null ? null : $this->workspace->calendar()->workingDayFrom($start->plus($pattern->days)),
                    stages: array_values($pattern->stages->map(static fn($stage): array => ['id' => null, 'name' => $stage->name])->all()),
                    serves: array_map(static fn(int $goal): array => ['goal' => $goal, 'weight' => '1'], $goals),
                ),
            );
            $project->update([
                'pattern_id' => $pattern->id,
                'pattern_roles' => $roles,
                'pattern_taken' => array_map(static fn(Piece $piece): array => $piece->kept(), $pattern->pieces()),
            ]);

            foreach ($pattern->pieces() as $piece) {
                $this->take->add($who, $project, $piece);
            }

            return $project;
        });
    }
}
