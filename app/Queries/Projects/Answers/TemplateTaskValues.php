<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Models\TemplateDependency;
use App\Models\TemplateStep;
use App\Models\TemplateTask;
use App\Queries\Props;

final readonly class TemplateTaskValues implements Props
{
    /**
     * @param string $key by which other tasks of the form name it
     * @param list<TemplateStepValues> $steps
     * @param list<string> $after keys of the tasks to be done before it
     */
    public function __construct(
        public ?int $id,
        public string $title,
        public string $stage,
        public string $role,
        public string $day,
        public string $minutes,
        public array $steps,
        public string $key,
        public array $after,
    ) {
    }

    public static function of(TemplateTask $task): self
    {
        return new self(
            id: $task->id,
            title: $task->title,
            stage: $task->stage->name ?? '',
            role: $task->role ?? '',
            day: (string) $task->day,
            minutes: (string) $task->minutes,
            steps: array_values(
                $task->steps
                                        ->map(
                                            static fn(TemplateStep $step): TemplateStepValues => new TemplateStepValues(
                                                $step->id,
                                                $step->title,
                                                $step->how_to ?? '',
                                            ),
                                        )
                                        ->all(),
            ),
            key: (string) $task->id,
            after: array_values(
                $task->dependencies
                                        ->map(static fn(TemplateDependency $link): string => (string) $link->after_id)
                                        ->all(),
            ),
        );
    }
}
