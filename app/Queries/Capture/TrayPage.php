<?php

declare(strict_types=1);

namespace App\Queries\Capture;

use App\Models\Jot;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Capture\Answers\JotRow;
use App\Queries\Capture\Answers\Tray;
use App\Queries\Direction\ShelfPage;
use App\Queries\Parts\Choices;

/** What a person wrote down and has not sorted yet, and what they wanted to look at again by now. */
final readonly class TrayPage
{
    public function __construct(private Workspace $workspace, private ShelfPage $shelf, private Choices $choices)
    {
    }

    public function of(Person $viewer): Tray
    {
        $calendar = $this->workspace->calendar();
        $week = $calendar->weekOf($this->workspace->today());

        return new Tray(
            array_values(
                Jot::query()
                    ->inTrayOf($viewer, $this->workspace->today())
                    ->with('person')
                    ->orderBy('id')
                    ->get()
                    ->map(JotRow::of(...))
                    ->all(),
            ),
            $this->shelf->due($viewer),
            $this->choices->projects(),
            $week->name,
            $calendar->next($week)->name,
        );
    }
}
