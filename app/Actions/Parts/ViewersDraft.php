<?php

declare(strict_types=1);

namespace App\Actions\Parts;

use App\Models\Visibility;

/** Who is to see a goal or a project. */
final readonly class ViewersDraft
{
    /**
     * @param list<int> $groups that may see it, if they are chosen
     * @param list<int> $people likewise
     * @param bool $countsUnnamed whether it counts in goals that more people may see, without its name
     */
    public function __construct(
        public Visibility $visibility = Visibility::Everyone,
        public array $groups = [],
        public array $people = [],
        public bool $countsUnnamed = false,
    ) {
    }

    /** Whether it counts without its name: only what not everyone sees has a name to leave out. */
    public function isUnnamed(): bool
    {
        return $this->countsUnnamed && $this->visibility !== Visibility::Everyone;
    }
}
