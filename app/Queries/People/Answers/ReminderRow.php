<?php

declare(strict_types=1);

namespace App\Queries\People\Answers;

use App\Models\Reminder;
use App\Models\ReminderKind;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

final readonly class ReminderRow implements Props
{
    public function __construct(public int $id, public string $words, public ReminderKind $kind, public Day $on, public ?string $at)
    {
    }

    public static function of(Reminder $reminder): self
    {
        return new self($reminder->id, $reminder->words, $reminder->kind, $reminder->on, $reminder->at);
    }
}
