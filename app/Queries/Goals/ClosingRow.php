<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Queries\Props;
use Loftrin\Core\Goals\Readiness;
use Loftrin\Core\Goals\Result;

/** A goal that is to be closed, with what it would leave behind. */
final readonly class ClosingRow implements Props
{
    /**
     * @param list<string> $projects  titles of the open ones that serve it
     * @param int          $tasks     its open tasks
     * @param int          $beneath   open goals beneath it
     * @param ?Result      $suggested what speaks for itself
     * @param ?string      $next      the period in which it would go on
     */
    public function __construct(
        public GoalRow $goal,
        public ?Readiness $ready,
        public bool $mayClose,
        public array $projects,
        public int $tasks,
        public int $beneath,
        public ?Result $suggested,
        public ?string $next,
    ) {
    }
}
