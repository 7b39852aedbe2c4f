<?php

declare(strict_types=1);

namespace App\Actions\Day;

use App\Models\Person;
use App\Models\PersonDay;
use App\Models\Workspace;
use App\Store\ChangeLog;

/** Somebody who had been away has caught up: they are asked no more. */
final readonly class CatchUp
{
    public function __construct(private ChangeLog $log, private Workspace $workspace)
    {
    }

    public function __invoke(Person $who): void
    {
        $this->log->change(
            $who,
            'Caught up',
            fn() => PersonDay::at($who, $this->workspace->today())
                ->fill(['is_caught_up' => true])
                ->save(),
        );
    }
}
