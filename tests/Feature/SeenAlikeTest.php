<?php

declare(strict_types=1);

use App\Actions\Parts\SeenWork;
use App\Models\Goal;
use App\Models\Group;
use App\Models\Membership;
use App\Models\Person;
use App\Models\Project;
use App\Models\RecurringTask;
use App\Models\Task;
use App\Models\Viewer;
use App\Models\Visibility;
use App\Store\RefusedChange;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Feature\Made;

/**
 * A workspace in which everything belongs to somebody and is seen by whoever chance says.
 *
 * @return list<Person>
 */
function seenByChance(Randomizer $chance): array
{
    $people = array_map(static fn(int $number): Person => Made::person(name: "Person $number"), range(1, 5));
    $pick = static fn(array $of): mixed => $of[$chance->getInt(0, count($of) - 1)];
    $groups = [];

    foreach (range(1, 2) as $number) {
        $groups[] = $group = Group::query()->create(['name' => "Group $number"]);

        foreach ($chance->shuffleArray($people) as $place => $person) {
            if ($place < 2) {
                Membership::query()->create(['group_id' => $group->id, 'person_id' => $person->id]);
            }
        }
    }

    $viewers = static function (Goal|Project $whole) use ($chance, $pick, $people, $groups): void {
        foreach ($whole->visibility === Visibility::Chosen ? range(1, $chance->getInt(1, 2)) : [] as $each) {
            $by = $chance->getInt(0, 1) === 0 ? ['group_id' => $pick($groups)->id] : ['person_id' => $pick($people)->id];
            Viewer::query()->firstOrCreate([$whole->getForeignKey() => $whole->id, ...$by]);
        }
    };
    $wholes = [];

    foreach (range(1, 8) as $number) {
        $viewers($wholes[] = Made::goal($pick($people), '2027-Q1', ['visibility' => $pick(Visibility::cases())]));
        $viewers($wholes[] = Made::project($pick($people), more: ['visibility' => $pick(Visibility::cases())]));
    }

    foreach (range(1, 40) as $number) {
        $whole = $pick([...$wholes, null]);
        Made::task($pick($people), [
            'visibility' => $whole?->visibilityOfTasks() ?? $pick([Visibility::Everyone, Visibility::OnlyMe]),
            ...$whole === null ? [] : [$whole->getForeignKey() => $whole->id],
        ]);
        $project = $whole instanceof Project ? $whole : null;
        RecurringTask::query()->create([
            'title' => "Again $number",
            'kind' => 'task',
            'owner_id' => $pick($people)->id,
            'words' => 'every day',
            'rule' => 'FREQ=DAILY',
            'starts_on' => Made::TODAY,
            'project_id' => $project?->id,
            'visibility' => $project?->visibilityOfTasks() ?? Visibility::Everyone,
        ]);
    }

    return $people;
}

it('lets people see in a list just what they may open, of whatever kind it is', function (int $seed): void {
    Made::workspace();
    $people = seenByChance(new Randomizer(new Mt19937($seed)));
    $compared = 0;

    foreach ([Goal::class, Project::class, Task::class, RecurringTask::class] as $class) {
        foreach ($people as $person) {
            $listed = $class::query()->visibleTo($person)->pluck('id')->flip();

            foreach ($class::query()->get() as $record) {
                $compared++;
                expect($listed->has($record->id))->toBe($record->isVisibleTo($person), "$class $record->id for $person->name");
            }
        }

        // What all may see is what each of them sees, and no more.
        foreach ($class::query()->openToAll()->get() as $record) {
            foreach ($people as $person) {
                expect($record->isVisibleTo($person))->toBeTrue();
            }
        }
    }

    expect($compared)->toBe(5 * (8 + 8 + 40 + 40));
})->with(range(1, 6));

it('shows a task of a goal or a project to just those who see that, and to its owner', function (int $seed): void {
    Made::workspace();
    $people = seenByChance(new Randomizer(new Mt19937($seed)));

    foreach (Task::query()->with(['goal', 'project'])->get() as $task) {
        $whole = $task->goal ?? $task->project;

        foreach ($whole === null ? [] : $people as $person) {
            expect($task->isVisibleTo($person))->toBe($whole->isVisibleTo($person) || $task->owner_id === $person->id);
        }
    }
})->with(range(7, 12));

it('leaves what is settled so that its own check finds nothing, and refuses the rest', function (int $seed): void {
    Made::workspace();
    $people = seenByChance($chance = new Randomizer(new Mt19937($seed)));
    [$settled, $refused] = [0, 0];

    foreach (Project::query()->with('viewers.group.memberships')->get() as $project) {
        $project->visibility = Visibility::cases()[$chance->getInt(0, 2)];

        try {
            SeenWork::settle($project);
        } catch (RefusedChange) {
            $unseeing = $project->tasks()->get()->reject(fn(Task $task): bool => $project->audience()->admits($task->owner_id));
            $again = RecurringTask::query()
                ->where('project_id', $project->id)
                ->get()
                ->reject(fn(RecurringTask $each): bool => $project->audience()->admits($each->owner_id));
            expect($unseeing->count() + $again->count())->toBeGreaterThan(0);
            $refused++;

            continue;
        }

        SeenWork::check($project);
        $settled++;
        expect($project->tasks()->pluck('visibility')->unique()->all())->each->toBe($project->visibilityOfTasks());
    }

    expect($settled + $refused)->toBe(8)->and($people)->toHaveCount(5);
})->with(range(13, 18));
