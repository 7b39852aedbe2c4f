<?php

declare(strict_types=1);

namespace App\Queries\Capture;

use App\Models\Jot;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Capture\Answers\Returned;

/** What has come back to a person's tray and is not sorted. */
final readonly class CameBack
{
    public function __construct(private Workspace $workspace)
    {
    }

    /** @return list<Returned> the earliest first */
    public function to(Person $person): array
    {
        return array_values(
            Jot::query()
                ->returning()
                ->where('person_id', $person->id)
                ->where('return_on', '<=', (string) $this->workspace->today())
                ->orderBy('return_on')
                ->orderByRaw('return_at is null, return_at')
                ->orderBy('id')
                ->with(array_keys(Jot::ABOUT))
                ->get()
                ->map(static fn(Jot $jot): ?Returned => Returned::of($jot, $person))
                ->filter()
                ->all(),
        );
    }
}
