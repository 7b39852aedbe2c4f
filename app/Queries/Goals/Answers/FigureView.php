<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Queries\Parts\Answers\Gauge;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** A figure with how it comes about, down to the task. */
final readonly class FigureView implements Props
{
    /**
     * @param string $link the page of what it is the figure of
     * @param ?string $decided of a closed goal, what was decided beside what was computed
     * @param ?string $formula of a measure that is not a sum
     * @param list<SumLine> $sum what it adds up from
     * @param list<SumLine> $tasks its tasks, one by one
     * @param ?float $tasksFigure what those add up to, in points of 100
     * @param ?string $weighing how those weigh against each other
     * @param list<string> $expected where it should stand, in sentences
     * @param ?string $gap the one against the other
     * @param list<string> $forecast how it will end, in sentences
     */
    public function __construct(
        public string $title,
        public string $link,
        public Day $on,
        public Gauge $gauge,
        public ?string $decided,
        public ?string $formula,
        public array $sum,
        public array $tasks,
        public ?float $tasksFigure,
        public ?string $weighing,
        public array $expected,
        public ?string $gap,
        public array $forecast,
    ) {
    }
}
