<?php

declare(strict_types=1);

namespace App\Queries\Direction\Answers;

use App\Models\Area;
use App\Models\AreaKind;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;

final readonly class AreaRow implements Props
{
    /**
     * @param int $goals open ones that the viewer may see
     * @param int $projects running ones
     * @param int $tray what lies in its tray
     */
    public function __construct(
        public int $id,
        public string $name,
        public AreaKind $kind,
        public ?PersonTag $owner,
        public int $goals,
        public int $projects,
        public int $tray,
    ) {
    }

    /** Its counts are loaded. */
    public static function of(Area $area, int $goals, int $projects, int $tray): self
    {
        return new self(
            id: $area->id,
            name: $area->name,
            kind: $area->kind,
            owner: $area->owner === null ? null : PersonTag::of($area->owner),
            goals: $goals,
            projects: $projects,
            tray: $tray,
        );
    }
}
