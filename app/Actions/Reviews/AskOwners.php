<?php

declare(strict_types=1);

namespace App\Actions\Reviews;

use App\Models\Person;
use App\Models\Workspace;
use App\Store\ChangeLog;
use Loftrin\Core\Calendar\Weekday;

/** From which day of the week owners are asked how their goals stand. */
final readonly class AskOwners
{
    public function __construct(private ChangeLog $log, private Workspace $workspace)
    {
    }

    public function __invoke(Person $who, Weekday $on): void
    {
        $this->log->change(
            $who,
            "Owners are asked from {$on->label()} on",
            fn() => $this->workspace->update(['asks_owners_on' => $on->label()]),
        );
    }
}
