<?php

declare(strict_types=1);

namespace App\Queries\Capture;

use App\Models\Jot;
use App\Models\Person;
use App\Models\Project;
use App\Models\Workspace;
use App\Queries\Direction\ShelfPage;
use App\Queries\Parts\Option;
use Loftrin\Core\Work\ProjectState;

/** What a person wrote down and has not sorted yet, and what they wanted to look at again by now. */
final readonly class TrayPage
{
    public function __construct(private Workspace $workspace, private ShelfPage $shelf)
    {
    }

    public function of(Person $viewer): Tray
    {
        $calendar = $this->workspace->calendar();
        $week = $calendar->weekOf($this->workspace->today());

        return new Tray(
            array_values(Jot::query()->inTrayOf($viewer, $this->workspace->today())->with('person')->orderBy('id')->get()->map(JotRow::of(...))->all()),
            $this->shelf->due($viewer),
            array_values(Project::query()->whereIn('state', ProjectState::OPEN)->orderBy('title')->get()
                ->map(static fn(Project $project): Option => new Option((string) $project->id, $project->title))->all()),
            $week->name,
            $calendar->next($week)->name,
        );
    }

    /** How much lies in it. */
    public function count(Person $viewer): int
    {
        return Jot::query()->inTrayOf($viewer, $this->workspace->today())->count() + $this->shelf->countDue($viewer);
    }
}
