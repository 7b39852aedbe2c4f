<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Figure;
use Loftrin\Core\Work\ProjectCondition;

/** What is done in a project and what is left. */
final readonly class ProjectFacts
{
    /**
     * @param ?Fraction $progress 0 to 1; null with no task in scope
     * @param ?Figure $figure its pace while it is active and has both its dates
     * @param int $tasks in scope
     * @param int $open of those
     * @param ?int $next the first task that somebody could start on
     */
    public function __construct(
        public int $owner,
        public ?Fraction $progress,
        public ?Figure $figure,
        public int $tasks,
        public int $open,
        public ?ProjectCondition $condition,
        public ?int $next,
    ) {
    }

    public function isBehind(): bool
    {
        return $this->figure?->band->isBehind() === true;
    }
}
