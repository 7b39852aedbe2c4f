<?php

declare(strict_types=1);

namespace App\Queries\Projects;

use App\Queries\Parts\ListedTask;
use Loftrin\Core\Fraction;
use Loftrin\Core\Goals\Figure;

/** What is done in projects, what is left, and whether they are stuck or ready to close: asked for by their ids. */
interface ProjectWork
{
    /** 0 to 1; null with no task in scope. */
    public function progress(int $project): ?Fraction;

    /** Its pace while it is active and has both its dates; otherwise null. */
    public function figure(int $project): ?Figure;

    public function isStuck(int $project): bool;

    public function isReady(int $project): bool;

    /** How many of its tasks are in scope. */
    public function tasks(int $project): int;

    /** How many of those are open. */
    public function open(int $project): int;

    /** The first task that somebody could start on. */
    public function next(int $project): ?ListedTask;
}
