<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Models\Point;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** Something to raise with a person. */
final readonly class PointRow implements Props
{
    public function __construct(public int $id, public PersonTag $about, public string $words, public Day $notedOn, public bool $isDone)
    {
    }

    public static function of(Point $point): self
    {
        return new self($point->id, PersonTag::of($point->about), $point->words, $point->noted_on, $point->done_on !== null);
    }
}
