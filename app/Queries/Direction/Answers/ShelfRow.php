<?php

declare(strict_types=1);

namespace App\Queries\Direction\Answers;

use App\Queries\Direction\ShelfKind;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** One thing that was put off on purpose. */
final readonly class ShelfRow implements Props
{
    /**
     * @param ?string $link its own page, if it has one
     * @param ?string $returnAt HH:MM
     * @param ?string $rhythm by which it comes back again, in words
     */
    public function __construct(
        public ShelfKind $kind,
        public int $id,
        public string $title,
        public ?string $link,
        public PersonTag $owner,
        public Day $since,
        public ?Day $returnOn,
        public bool $mayChange,
        public ?string $returnAt = null,
        public ?string $rhythm = null,
    ) {
    }
}
