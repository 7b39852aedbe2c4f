<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Models\Template;
use App\Models\TemplateMilestone;
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

    /** With the pieces of {@see Template::PIECES} loaded. */
    public static function of(Template $template): self
    {
        return new self(
            id: $template->id,
            title: $template->title,
            outcome: $template->outcome ?? '',
            area: $template->area_id,
            weighing: $template->weighing,
            order: $template->order,
            days: (string) $template->days,
            stages: array_values($template->stages->map(static fn($stage): string => $stage->name)->all()),
            tasks: array_values(
                $template->tasks
                        ->map(
                            TemplateTaskValues::of(...),
                        )
                        ->all(),
            ),
            milestones: array_values(
                $template->milestones
                        ->map(
                            static fn(TemplateMilestone $milestone): TemplateMilestoneValues => new TemplateMilestoneValues(
                                $milestone->id,
                                $milestone->title,
                                (string) $milestone->day,
                            ),
                        )
                        ->all(),
            ),
            lastIsDone: $template->last_is_done,
        );
    }
}
