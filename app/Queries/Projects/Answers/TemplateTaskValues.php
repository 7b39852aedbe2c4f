<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Queries\Props;

final readonly class TemplateTaskValues implements Props
{
    /** @param list<TemplateStepValues> $steps */
    public function __construct(
        public ?int $id,
        public string $title,
        public string $stage,
        public string $role,
        public string $day,
        public string $minutes,
        public array $steps,
    ) {
    }
}
