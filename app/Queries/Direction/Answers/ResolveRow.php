<?php

declare(strict_types=1);

namespace App\Queries\Direction\Answers;

use App\Models\Resolve;
use App\Models\ResolveKind;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

final readonly class ResolveRow implements Props
{
    /** @param ?int $share of a driver: per cent of the work of the week that is shown; null where none is shown or nothing was done */
    public function __construct(
        public int $id,
        public ResolveKind $kind,
        public string $title,
        public PersonTag $owner,
        public ?Day $endedOn,
        public ?string $learned,
        public ?int $share = null,
    ) {
    }

    public static function of(Resolve $resolve, ?int $share = null): self
    {
        return new self(
            id: $resolve->id,
            kind: $resolve->kind,
            title: $resolve->title,
            owner: PersonTag::of($resolve->owner),
            endedOn: $resolve->ended_on,
            learned: $resolve->learned,
            share: $share,
        );
    }
}
