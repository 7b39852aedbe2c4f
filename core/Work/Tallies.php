<?php

declare(strict_types=1);

namespace Loftrin\Core\Work;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;

/**
 * What the roll-up needs to know of the tasks, without the tasks.
 *
 * It can come from rows ({@see TalliesOfTasks}) or from one aggregate of a database.
 */
interface Tallies
{
    /**
     * The project's tasks in scope on the day, weighed as the project weighs them.
     *
     * @param ?Day $by how much of them was done by then: that day, or an earlier one
     */
    public function ofProject(string $project, Day $on, ?Day $by = null): Tally;

    /**
     * The goal's direct tasks in scope on the day, each weighing 1; null when none exists by then.
     *
     * @param ?Day $by how much of them was done by then: that day, or an earlier one
     */
    public function ofDirectTasks(string $goal, Day $on, ?Day $by = null): ?Tally;

    /** How many tasks linked to the goal, directly or through its projects and recurring tasks, were done in the span; each once. */
    public function doneFor(string $goal, Span $span): int;
}
