<?php

declare(strict_types=1);

namespace App\Actions\Direction;

use App\Models\Person;
use App\Models\Workspace;
use App\Store\ChangeLog;

/** A few standing sentences on why we do this. */
final readonly class SavePurpose
{
    public function __construct(private ChangeLog $log, private Workspace $workspace)
    {
    }

    public function __invoke(Person $who, ?string $purpose): void
    {
        $this->log->change($who, 'Changed the purpose', fn() => $this->workspace->update(['purpose' => $purpose]));
    }
}
