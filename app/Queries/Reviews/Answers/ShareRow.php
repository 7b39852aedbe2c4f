<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Models\Share;
use App\Queries\Props;

/** A person or group that may read something. */
final readonly class ShareRow implements Props
{
    /** @param bool $isGroup whether it is a group; a person otherwise */
    public function __construct(public bool $isGroup, public int $id, public string $name)
    {
    }

    public static function of(Share $share): self
    {
        return $share->group === null
            ? new self(false, (int) $share->person_id, $share->person->name ?? '')
            : new self(true, $share->group->id, $share->group->name);
    }
}
