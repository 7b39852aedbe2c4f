<?php

declare(strict_types=1);

namespace App\Queries\Parts\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

final readonly class CommentRow implements Props
{
    public function __construct(public int $id, public PersonTag $by, public Day $on, public string $words, public bool $isMine)
    {
    }
}
