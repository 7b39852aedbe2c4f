<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Queries\Props;

/** One line of the written sum under a figure. */
final readonly class SumLine implements Props
{
    /**
     * @param ?string $detail what stands behind its own progress: "14 of 18 tasks"
     * @param ?float $weight null of a goal that the viewer may not see: it shows its points and nothing else
     * @param ?int $done per cent; null when it is left out or nothing is there to measure
     * @param float $points what it gives to the figure, in points of 100, one decimal
     * @param ?string $why where its own explanation is to be had
     * @param ?string $leftOut why and since when it does not count
     */
    public function __construct(
        public string $title,
        public ?string $link,
        public ?string $detail,
        public ?float $weight,
        public ?int $done,
        public float $points,
        public ?string $leftOut,
        public ?string $why = null,
    ) {
    }

    /** @param float $points in points of 100 */
    public static function unnamed(string $why, float $points): self
    {
        return new self(title: $why, link: null, detail: null, weight: null, done: null, points: $points, leftOut: null);
    }
}
