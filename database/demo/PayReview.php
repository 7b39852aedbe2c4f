<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use App\Models\Viewer;
use App\Models\Visibility;

/** A project that only its owner and one other see. */
final readonly class PayReview
{
    /** Its tasks: who does each, and whether it is done. */
    public const TASKS = [
        'Compare pay with three yards on the coast' => ['lucia', true],
        'Agree the sum with the accountant' => ['lucia', true],
        'Write down what each step of pay asks for' => ['noor', false],
        'Talk to everybody in the workshop, one at a time' => ['noor', false],
    ];

    public function __construct(private Stage $stage)
    {
    }

    public function add(): void
    {
        $of = static fn(string $key): int => Person::query()->where('email', People::email($key))->firstOrFail()->id;
        $day = fn(int $back): string => (string) $this->stage->worked($this->stage->today->plus(-$back));
        $project = Project::query()->create([
            'title' => 'Pay review for the workshop',
            'outcome' => 'Everybody in the workshop knows their step and what the next one asks for.',
            'owner_id' => $of('noor'),
            'state_on' => $day(30),
            'created_on' => $day(30),
            'visibility' => Visibility::Chosen,
        ]);
        Viewer::query()->create(['project_id' => $project->id, 'person_id' => $of('lucia')]);

        foreach (array_keys(self::TASKS) as $place => $title) {
            [$owner, $isDone] = self::TASKS[$title];
            Task::query()->create([
                'title' => $title,
                'project_id' => $project->id,
                'owner_id' => $of($owner),
                'visibility' => $project->visibilityOfTasks(),
                'position' => 1000 * ($place + 1),
                'minutes' => 90,
                'carried' => 0,
                'created_on' => $day(30),
                'changed_on' => $day($isDone ? 10 - $place : 5),
                'done_on' => $isDone ? $day(10 - $place) : null,
            ]);
        }
    }
}
