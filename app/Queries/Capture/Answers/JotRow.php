<?php

declare(strict_types=1);

namespace App\Queries\Capture\Answers;

use App\Models\Jot;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

final readonly class JotRow implements Props
{
    public function __construct(public int $id, public string $words, public PersonTag $by, public Day $jottedOn)
    {
    }

    public static function of(Jot $jot): self
    {
        return new self($jot->id, $jot->words, PersonTag::of($jot->person), $jot->jotted_on);
    }
}
