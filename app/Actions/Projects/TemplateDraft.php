<?php

declare(strict_types=1);

namespace App\Actions\Projects;

use Loftrin\Core\Work\StageOrder;
use Loftrin\Core\Work\Weighing;

/** What is said of a template. */
final readonly class TemplateDraft
{
    /**
     * @param list<string> $stages in order, each once
     * @param list<array{
     *   id: ?int, title: string, stage: ?string, role: ?string, day: ?int, minutes: ?int,
     *   steps: list<array{id: ?int, title: string, howTo: ?string}>,
     * }> $tasks in order; those with an id are there already
     */
    public function __construct(
        public string $title,
        public ?string $outcome = null,
        public ?int $area = null,
        public Weighing $weighing = Weighing::Count,
        public StageOrder $order = StageOrder::Any,
        public ?int $days = null,
        public array $stages = [],
        public array $tasks = [],
    ) {
    }
}
