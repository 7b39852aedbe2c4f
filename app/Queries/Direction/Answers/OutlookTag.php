<?php

declare(strict_types=1);

namespace App\Queries\Direction\Answers;

use App\Models\Outlook;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

final readonly class OutlookTag implements Props
{
    public function __construct(public int $id, public string $title, public ?string $why, public Day $on)
    {
    }

    public static function of(Outlook $outlook): self
    {
        return new self($outlook->id, $outlook->title, $outlook->why, $outlook->on);
    }
}
