<?php

declare(strict_types=1);

namespace App\Queries\People\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

final readonly class LetterRow implements Props
{
    public function __construct(public int $id, public Day $on, public string $at, public string $subject, public string $body)
    {
    }
}
