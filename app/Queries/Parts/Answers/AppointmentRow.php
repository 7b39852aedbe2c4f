<?php

declare(strict_types=1);

namespace App\Queries\Parts\Answers;

use App\Models\Appointment;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** Time that is taken. To others it is only busy. */
final readonly class AppointmentRow implements Props
{
    /**
     * @param ?string $title null to others
     * @param string $at HH:MM
     */
    public function __construct(public int $id, public ?string $title, public Day $on, public string $at, public int $minutes)
    {
    }

    public static function of(Appointment $appointment, bool $isOwn): self
    {
        return new self($appointment->id, $isOwn ? $appointment->title : null, $appointment->on, $appointment->at, $appointment->minutes);
    }
}
