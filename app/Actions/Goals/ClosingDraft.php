<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Store\RefusedChange;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Goals\Result;

/** What is said of a goal as it is closed. */
final readonly class ClosingDraft
{
    public Result $result;

    /**
     * @param ?string      $score       0 to 1, standing over what was computed
     * @param list<string> $titles      of the goals into which it is split
     * @param ?Day         $lookAgainOn when it is to come back from the shelf
     *
     * @throws RefusedChange when the parts contradict each other
     */
    public function __construct(
        Result $result,
        public ?string $score = null,
        public ?string $line = null,
        public WhatThen $then = WhatThen::Leave,
        public array $titles = [],
        public ?Day $lookAgainOn = null,
    ) {
        $goesOn = $then === WhatThen::Carry || $then === WhatThen::Split;

        match (true) {
            $goesOn && $result === Result::Met => throw new RefusedChange('then', 'What is met has nothing left to carry on.'),
            $goesOn && $result === Result::Dropped => throw new RefusedChange('then', 'What is dropped does not go on. Shelve it to look at it again, or say not met.'),
            $then === WhatThen::Split && count($titles) < 2 => throw new RefusedChange('titles', 'Write at least two goals to split it into, one on each line.'),
            default => null,
        };

        $this->result = $then === WhatThen::Shelve || $then === WhatThen::Drop ? Result::Dropped : $result;
    }
}
