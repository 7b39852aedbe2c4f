<?php

declare(strict_types=1);

namespace App\Queries\Week\Answers;

use App\Queries\Plan\Answers\Cord;
use App\Queries\Props;

/** What a part of the work of a span came to, with the tasks behind it. */
final readonly class DoneShare implements Props
{
    /**
     * @param int $minutes
     * @param int $share per cent of all that was done
     * @param list<int> $tasks ids
     */
    public function __construct(public string $title, public ?Cord $cord, public int $minutes, public int $share, public array $tasks)
    {
    }

    /**
     * Without the tasks behind them.
     *
     * @param list<self> $shares
     *
     * @return list<self>
     */
    public static function bare(array $shares): array
    {
        return array_map(
            static fn(self $share): self => new self($share->title, $share->cord, $share->minutes, $share->share, []),
            $shares,
        );
    }
}
