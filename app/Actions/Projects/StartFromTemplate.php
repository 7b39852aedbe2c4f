<?php

declare(strict_types=1);

namespace App\Actions\Projects;

use App\Models\Milestone;
use App\Models\Person;
use App\Models\Project;
use App\Models\Template;
use App\Models\Workspace;
use App\Store\ChangeLog;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Work\Template\Piece;

/** Starts a project from a template: its stages, tasks and milestones, with owners for the roles and dates from the start. */
final readonly class StartFromTemplate
{
    public function __construct(
        private ChangeLog $log,
        private Workspace $workspace,
        private SaveProject $save,
        private TakeTemplate $take,
        private LinkPieces $link,
    ) {
    }

    /**
     * @param array<string, int> $roles people by role; whoever owns the project takes the rest
     * @param list<int> $goals that it serves
     */
    public function __invoke(Person $who, Template $template, string $title, Day $start, array $roles, array $goals = []): Project
    {
        $template->load(['stages', 'milestones', ...Template::PIECES]);

        return $this->log->change($who, "Started “{$title}” from the template “{$template->title}”", function () use (
            $who,
            $template,
            $title,
            $start,
            $roles,
            $goals,
        ): Project {
            $project = ($this->save)(
                $who,
                new ProjectDraft(
                    $title,
                    outcome: $template->outcome,
                    area: $template->area_id,
                    weighing: $template->weighing,
                    order: $template->order,
                    startsOn: $start,
                    dueOn: $template->days === null ? null : $this->workspace->calendar()->workingDayFrom($start->plus($template->days)),
                    stages: array_values($template->stages->map(static fn($stage): array => ['id' => null, 'name' => $stage->name])->all()),
                    serves: array_map(static fn(int $goal): array => ['goal' => $goal, 'weight' => '1'], $goals),
                    lastIsDone: $template->last_is_done,
                ),
            );
            $project->update([
                'template_id' => $template->id,
                'template_roles' => $roles,
                'template_taken' => array_map(static fn(Piece $piece): array => $piece->kept(), $template->pieces()),
            ]);

            foreach ($template->pieces() as $piece) {
                $this->take->add($project, $piece);
            }

            ($this->link)($project, $template->pieces());

            foreach ($template->milestones as $milestone) {
                Milestone::query()->create([
                    'project_id' => $project->id,
                    'title' => $milestone->title,
                    'on' => $this->workspace->calendar()->workingDayFrom($start->plus($milestone->day)),
                ]);
            }

            return $project;
        });
    }
}
