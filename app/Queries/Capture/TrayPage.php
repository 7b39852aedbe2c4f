<?php

declare(strict_types=1);

namespace App\Queries\Capture;

use App\Models\Jot;
use App\Models\Person;
use App\Models\Project;
use App\Models\Workspace;
use App\Queries\Parts\Option;

/** What a person wrote down and has not sorted yet. */
final readonly class TrayPage
{
    public function __construct(private Workspace $workspace)
    {
    }

    public function of(Person $viewer): Tray
    {
        $calendar = $this->workspace->calendar();
        $week = $calendar->weekOf($this->workspace->today());

        return new Tray(
            array_values(Jot::query()->where('person_id', $viewer->id)->whereNull('sorted_on')->orderBy('id')->get()
                ->map(static fn(Jot $jot): JotRow => new JotRow($jot->id, $jot->words, $jot->jotted_on))->all()),
            array_values(Project::query()->whereIn('state', ['active', 'proposed', 'paused'])->orderBy('title')->get()
                ->map(static fn(Project $project): Option => new Option((string) $project->id, $project->title))->all()),
            $week->name,
            $calendar->next($week)->name,
        );
    }
}
