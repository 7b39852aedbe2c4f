<?php

declare(strict_types=1);

namespace App\Queries\Week\Answers;

use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** What a person got done in a span, and whether it led to the goals. */
final readonly class DoneView implements Props
{
    /**
     * @param int $minutes of all that was done
     * @param ?int $alignment per cent of it that led to a goal; null with nothing done
     * @param int $spans how many spans of the same length before it are compared
     * @param int $minutesBefore in such a span, on average
     * @param ?int $alignmentBefore of all of these together
     * @param list<DoneShare> $byGoal the largest first; what led to no goal last
     * @param list<DoneShare> $byEffort
     * @param list<DoneShare> $byArea
     * @param list<TaskRow> $tasks the last first
     */
    public function __construct(
        public Day $from,
        public Day $until,
        public int $minutes,
        public ?int $alignment,
        public int $spans,
        public int $minutesBefore,
        public ?int $alignmentBefore,
        public array $byGoal,
        public array $byEffort,
        public array $byArea,
        public array $tasks,
    ) {
    }

    /** The sums alone, without the tasks behind them. */
    public function bare(): self
    {
        return new self(
            from: $this->from,
            until: $this->until,
            minutes: $this->minutes,
            alignment: $this->alignment,
            spans: $this->spans,
            minutesBefore: $this->minutesBefore,
            alignmentBefore: $this->alignmentBefore,
            byGoal: DoneShare::bare($this->byGoal),
            byEffort: DoneShare::bare($this->byEffort),
            byArea: DoneShare::bare($this->byArea),
            tasks: [],
        );
    }
}
