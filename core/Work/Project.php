<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

use InvalidArgumentException;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;

/** Work with an end, its parts in order. Rules: computation 3. */
final readonly class Project
{
    public ?Span $span;

    /**
     * @param list<string> $stages names, in order
     * @param list<Contribution> $serves
     *
     * @throws InvalidArgumentException when it is due before it starts
     */
    public function __construct(
        public string $id,
        public string $title = '',
        public Weighing $weighing = Weighing::Count,
        public StageOrder $order = StageOrder::Any,
        public array $stages = [],
        public array $serves = [],
        public ProjectState $state = ProjectState::Active,
        public ?Day $stateOn = null,
        public ?Day $startsOn = null,
        public ?Day $dueOn = null,
        public ?string $area = null,
        public ?Day $createdOn = null,
    ) {
        if ($startsOn !== null && $dueOn !== null && $dueOn->isBefore($startsOn)) {
            throw new InvalidArgumentException('due_on must not lie before starts_on');
        }

        $this->span = $startsOn !== null && $dueOn !== null ? new Span($startsOn, $dueOn) : null;
    }

    /** Whether it had been set up by the end of the day. Without a creation date it was always there. */
    public function isThereOn(Day $day): bool
    {
        return $this->createdOn === null || ! $this->createdOn->isAfter($day);
    }

    /** Its state as of the day: before the present one began it counts as active, or proposed if it still is. */
    public function stateOn(Day $day): ProjectState
    {
        return match (true) {
            $this->stateOn === null, ! $this->stateOn->isAfter($day) => $this->state,
            $this->state === ProjectState::Proposed => ProjectState::Proposed,
            default => ProjectState::Active,
        };
    }

    public function isActiveOn(Day $day): bool
    {
        return $this->stateOn($day) === ProjectState::Active;
    }

    /** The stage a task stands in by its name: one with none belongs to the first. */
    public function stageIndex(?string $stage): int
    {
        return $stage === null ? 0 : (int) array_search($stage, $this->stages, true);
    }
}
