<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Models\Contribution;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Project;
use App\Models\Stage;
use App\Models\Visibility;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Choices;
use App\Queries\Projects\Answers\ContributionValues;
use App\Queries\Projects\Answers\ProjectFormView;
use App\Queries\Projects\Answers\ProjectValues;
use App\Queries\Projects\Answers\StageValues;
use Loftrin\Core\Work\ProjectState;
use Loftrin\Core\Work\StageOrder;
use Loftrin\Core\Work\Weighing;

/** What the form for a project offers and what it is filled with. */
final readonly class ProjectFormPage
{
    public function __construct(private Choices $choices)
    {
    }

    public function blank(Person $viewer, ?int $goal): ProjectFormView
    {
        $served = $goal === null ? null : Goal::query()->visibleTo($viewer)->find($goal);

        return $this->page(
            $viewer,
            new ProjectValues(
                id: null,
                title: '',
                outcome: '',
                owner: $viewer->id,
                area: $served?->area_id,
                weighing: Weighing::Count,
                order: StageOrder::Any,
                state: ProjectState::Active,
                startsOn: null,
                dueOn: null,
                stages: [],
                serves: $served === null ? [] : [new ContributionValues($served->id, '1')],
                lastIsDone: false,
                rank: null,
                focus: null,
                visibility: $served->visibility ?? Visibility::Everyone,
                groups: $served?->admitted('group_id') ?? [],
                people: $served?->admitted('person_id') ?? [],
                countsUnnamed: false,
            ),
        );
    }

    public function filled(Person $viewer, Project $project): ProjectFormView
    {
        $project->load(['stages', 'currentContributions.goal']);

        return $this->page(
            $viewer,
            new ProjectValues(
                id: $project->id,
                title: $project->title,
                outcome: $project->outcome ?? '',
                owner: $project->owner_id,
                area: $project->area_id,
                weighing: $project->weighing,
                order: $project->order,
                state: $project->state,
                startsOn: $project->starts_on,
                dueOn: $project->due_on,
                stages: array_values(
                    $project->stages->map(static fn(Stage $stage): StageValues => new StageValues($stage->id, $stage->name))->all(),
                ),
                serves: array_values(
                    $project->currentContributions
                        ->filter(static fn(Contribution $link): bool => $link->goal->isVisibleTo($viewer))
                        ->map(
                            static fn(Contribution $link): ContributionValues => new ContributionValues(
                                $link->goal_id,
                                (string) $link->weight,
                            ),
                        )
                        ->all(),
                ),
                lastIsDone: $project->last_is_done,
                rank: $project->rank,
                focus: $project->focus,
                visibility: $project->visibility,
                groups: $project->admitted('group_id'),
                people: $project->admitted('person_id'),
                countsUnnamed: $project->counts_unnamed,
            ),
        );
    }

    private function page(Person $viewer, ProjectValues $values): ProjectFormView
    {
        return new ProjectFormView(
            $values,
            $this->choices->goals($viewer),
            PersonTag::all(),
            $this->choices->areas(),
            $this->choices->groups(),
        );
    }
}
