<?php

declare(strict_types=1);

namespace App\Queries\Reviews\Answers;

use App\Models\Review;
use App\Queries\Parts\Answers\GroupRow;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;

/** Who may read a review, and with whom it can be shared. */
final readonly class Sharing implements Props
{
    /**
     * @param ?int $review null while nothing was written
     * @param list<ShareRow> $shares
     * @param list<PersonTag> $people
     * @param list<GroupRow> $groups
     */
    private function __construct(public ?int $review, public array $shares, public array $people, public array $groups)
    {
    }

    public static function of(?Review $review): self
    {
        return new self(
            $review?->id,
            array_values($review?->shares->map(ShareRow::of(...))->all() ?? []),
            PersonTag::all(),
            GroupRow::all(),
        );
    }
}
