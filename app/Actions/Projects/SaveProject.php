<?php

declare(strict_types=1);

namespace App\Actions\Projects;

use App\Actions\Parts\SeenWork;
use App\Actions\Parts\SetViewers;
use App\Models\Contribution;
use App\Models\Goal;
use App\Models\Person;
use App\Models\Project;
use App\Models\Stage;
use App\Models\Task;
use App\Models\Workspace;
use App\Queries\Plan\CoreRecords;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** Makes a project, or changes one: its charter, its stages, what it serves and who may see it. */
final readonly class SaveProject
{
    public function __construct(
        private ChangeLog $log,
        private Workspace $workspace,
        private SetViewers $setViewers,
        private ProjectRules $rules,
    ) {
    }

    /** @throws RefusedChange at the field that breaks a rule */
    public function __invoke(Person $who, ProjectDraft $draft, ?Project $project = null): Project
    {
        $words = ($project === null ? 'Started' : 'Changed')." “{$draft->title}”";

        return $this->log->change($who, $words, function () use ($who, $draft, $project): Project {
            $record = $project ?? new Project();
            $record->fill([
                'title' => $draft->title,
                'outcome' => $draft->outcome,
                'owner_id' => $draft->owner ?? ($record->owner_id ?? $who->id),
                'area_id' => $draft->area,
                'weighing' => $draft->weighing,
                'order' => $draft->order,
                'rank' => $draft->rank,
                'focus' => $draft->focus,
                'starts_on' => $draft->startsOn,
                'due_on' => $draft->dueOn,
                'visibility' => $draft->viewers->visibility,
                'counts_unnamed' => $draft->viewers->isUnnamed(),
            ]);

            if ($record->isDirty('owner_id') && $record->owner_id !== $who->id && ! $who->isLead()) {
                throw new RefusedChange('owner', 'Only a lead can give a project to somebody else.');
            }

            if (! $record->exists) {
                $record->created_on = $this->workspace->today();
            }

            if (! $record->exists || $record->state !== $draft->state) {
                $record->fill(['state' => $draft->state, 'state_on' => $this->workspace->today()]);
            }

            $bare = (clone $record)
                ->fill(['id' => 0])
                ->setRelation('stages', new Collection())
                ->setRelation('contributions', new Collection());
            RefusedChange::unless('dueOn', static fn() => CoreRecords::project($bare));
            $record->save();
            $this->saveStages($record, $draft);
            $this->saveDoneStage($record, $draft);
            $this->saveContributions($who, $record, $draft);
            ($this->setViewers)($who, $record, $draft->viewers->groups, $draft->viewers->people);
            $this->rules->refuseShowing($record);
            SeenWork::settle($record);

            return $record;
        });
    }

    private function saveStages(Project $project, ProjectDraft $draft): void
    {
        $kept = array_filter(array_column($draft->stages, 'id'), is_int(...));
        $project
            ->stages()
            ->whereKeyNot($kept)
            ->get()
            ->each(static function (Stage $stage): void {
                // One by one, so that an undo puts each back where it stood.
                Task::query()
                    ->where('stage_id', $stage->id)
                    ->get()
                    ->each(static fn(Task $task): bool => $task->update(['stage_id' => null]));
                $stage->delete();
            });

        foreach ($draft->stages as $position => $stage) {
            $record = $stage['id'] === null ? null : Stage::query()->where('project_id', $project->id)->find($stage['id']);
            ($record ?? new Stage(['project_id' => $project->id]))->fill(['name' => $stage['name'], 'position' => $position])->save();
        }
    }

    /** Once its last stage holds what is done, all that is done stands there, and nothing that is open. */
    private function saveDoneStage(Project $project, ProjectDraft $draft): void
    {
        $last = $project->load('stages')->stages->last();

        if ($draft->lastIsDone && ! $project->last_is_done) {
            match (true) {
                $last === null || count($draft->stages) < 2 => throw new RefusedChange('lastIsDone', 'This needs at least two stages'),
                $project->tasks()->open()->where('stage_id', $last->id)->exists() => throw new RefusedChange(
                    'lastIsDone',
                    "“{$last->name}” still has open tasks. Move or complete them first",
                ),
                default => null,
            };

            foreach (
                $project
                    ->tasks()
                    ->whereNotNull('done_on')
                    ->where(static fn(Builder $elsewhere) => $elsewhere->whereNull('stage_id')->orWhereNot('stage_id', $last->id))
                    ->get() as $task
            ) {
                $task->update(['stage_before_id' => $task->stage_id, 'stage_id' => $last->id]);
            }
        }

        $project->update(['last_is_done' => $draft->lastIsDone && $last !== null]);
    }

    /** Links to goals that the person may not see, or that a closing has ended, are left as they are. */
    private function saveContributions(Person $who, Project $project, ProjectDraft $draft): void
    {
        $wanted = array_column($draft->serves, 'weight', 'goal');
        $visible = Goal::query()->visibleTo($who)->whereIn('id', array_keys($wanted))->pluck('id')->all();

        if (count($visible) < count($wanted)) {
            throw new RefusedChange('serves', 'One of these goals no longer exists.');
        }

        foreach ($project->currentContributions()->with('goal')->get() as $link) {
            if ($link->goal->isVisibleTo($who) && ! isset($wanted[$link->goal_id])) {
                $link->delete();
            }
        }

        foreach ($wanted as $goal => $weight) {
            $link = Contribution::query()->where('project_id', $project->id)->firstWhere('goal_id', $goal);
            $link ??= new Contribution(['project_id' => $project->id, 'goal_id' => $goal]);
            $link->fill(['weight' => $weight, 'until_on' => null])->save();
        }
    }
}
