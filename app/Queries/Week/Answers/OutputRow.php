<?php

declare(strict_types=1);

namespace App\Queries\Week\Answers;

use App\Queries\Props;

/** A quarterly output in the present quarter. */
final readonly class OutputRow implements Props
{
    /**
     * @param int $laid pieces of the quarter, done ones among them
     * @param int $of how many a quarter should have
     */
    public function __construct(
        public int $id,
        public string $title,
        public string $owner,
        public int $done,
        public int $laid,
        public int $of,
    ) {
    }
}
