<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Queries\Props;
use Loftrin\Core\Work\StageOrder;
use Loftrin\Core\Work\Weighing;

/** The fields of a template as the form holds them. */
final readonly class TemplateValues implements Props
{
    /**
     * @param list<string> $stages
     * @param list<TemplateTaskValues> $tasks
     * @param list<TemplateMilestoneValues> $milestones
     * @param bool $lastIsDone whether the last stage holds what is done
     */
    public function __construct(
        public ?int $id,
        public string $title,
        public string $outcome,
        public ?int $area,
        public Weighing $weighing,
        public StageOrder $order,
        public string $days,
        public array $stages,
        public array $tasks,
        public array $milestones,
        public bool $lastIsDone,
    ) {
    }
}
