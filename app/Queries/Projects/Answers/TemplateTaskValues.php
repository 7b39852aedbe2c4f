<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

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
}
