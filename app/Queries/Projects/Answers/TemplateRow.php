<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Queries\Props;

/** A template in the list of them. */
final readonly class TemplateRow implements Props
{
    /**
     * @param int $running projects made from it that are open
     * @param int $behind those of them that have not taken what changed
     */
    public function __construct(
        public int $id,
        public string $title,
        public int $tasks,
        public int $minutes,
        public ?int $days,
        public int $running,
        public int $behind,
    ) {
    }
}
