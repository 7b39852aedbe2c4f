<?php

declare(strict_types=1);

namespace App\Actions\Projects;

use Loftrin\Core\Work\StageOrder;
use Loftrin\Core\Work\Weighing;

/**
 * What is said of a template.
 *
 * @phpstan-type DraftedTask array{
 *   id: ?int, key: string, title: string, stage: ?string, role: ?string, day: ?int, minutes: ?int,
 *   steps: list<array{id: ?int, title: string, howTo: ?string}>, after: list<string>,
 * }
 */
final readonly class TemplateDraft
{
    /**
     * @param list<string> $stages in order, each once
     * @param list<DraftedTask> $tasks in order, each after those whose keys it names; those with an id are there already
     * @param list<array{id: ?int, title: string, day: int}> $milestones
     * @param bool $lastIsDone whether the last stage holds what is done
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
        public array $milestones = [],
        public bool $lastIsDone = false,
    ) {
    }
}
