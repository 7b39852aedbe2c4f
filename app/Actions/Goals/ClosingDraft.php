<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Models\Rest;
use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Goals\Result;

/** What is said of a goal as it is closed: its result, and, as a second answer, what becomes of the rest of it. */
final readonly class ClosingDraft
{
    /**
     * @param ?string $score 0 to 1, decided over what was computed
     * @param list<string> $titles of the goals into which it is split
     * @param ?Day $returnOn when it is to come back from the shelf
     * @param ?int $parent the goal to which what carries it on contributes, where that of now does not reach so far
     * @param bool $parentIsSaid whether that, or none, was chosen
     * @param bool $withTasks whether its open tasks and recurring tasks go along where it is carried on or split
     * @param bool $withProjects likewise its open projects
     *
     * @throws RefusedChange when the parts contradict each other
     */
    public function __construct(
        public Result $result,
        public ?string $score = null,
        public ?string $line = null,
        public ?Rest $rest = null,
        public array $titles = [],
        public ?Day $returnOn = null,
        public bool $withTasks = true,
        public bool $withProjects = true,
        public ?int $parent = null,
        public bool $parentIsSaid = false,
    ) {
        match (true) {
            $this->goesOn() && $result === Result::Met => throw new RefusedChange(
                'rest',
                'A goal that is met has nothing left to carry over.',
            ),
            $this->goesOn() && $result === Result::Stopped => throw new RefusedChange(
                'rest',
                'A goal that is stopped is not carried over. Shelve the rest, or choose “not met”.',
            ),
            $result === Result::Stopped && ($line ?? '') === '' => throw new RefusedChange('line', 'Write why it is stopped.'),
            $rest === Rest::Split && count($titles) < 2 => throw new RefusedChange(
                'titles',
                'Enter at least two goals to split it into, one per line.',
            ),
            default => null,
        };
    }

    /** Whether other goals carry it on. */
    public function goesOn(): bool
    {
        return $this->rest === Rest::Carried || $this->rest === Rest::Split;
    }
}
