<?php

declare(strict_types=1);

namespace App\Queries\Goals\Answers;

use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

final readonly class UpdateRow implements Props
{
    /** @param string $words after the name of who did it */
    public function __construct(
        public int $id,
        public PersonTag $by,
        public string $words,
        public string $link,
        public string $title,
        public Day $on,
    ) {
    }
}
