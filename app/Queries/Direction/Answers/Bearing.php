<?php

declare(strict_types=1);

namespace App\Queries\Direction\Answers;

use App\Models\Outlook;
use App\Models\Workspace;
use App\Queries\Props;

/** Why we do this and where we want to be, to be quietly in sight. */
final readonly class Bearing implements Props
{
    /** @param list<OutlookTag> $outlooks the next one first */
    public function __construct(public ?string $purpose, public array $outlooks)
    {
    }

    public static function of(Workspace $workspace): self
    {
        return new self($workspace->purpose, array_values(Outlook::query()->orderBy('on')->get()->map(OutlookTag::of(...))->all()));
    }
}
