<?php

declare(strict_types=1);

namespace App\Queries\Parts\Answers;

use App\Models\ProtectedHours;
use App\Queries\Props;
use Loftrin\Core\Calendar\WallTime;
use Loftrin\Core\Day\HoursKind;

/** Hours of a weekday that are kept for something. */
final readonly class ProtectedHoursRow implements Props
{
    /**
     * @param string $weekday its name
     * @param string $from HH:MM
     * @param string $until HH:MM
     */
    public function __construct(
        public int $id,
        public string $weekday,
        public string $from,
        public string $until,
        public HoursKind $kind,
    ) {
    }

    public static function of(ProtectedHours $hours): self
    {
        return new self($hours->id, $hours->weekday, $hours->from, $hours->until, $hours->kind);
    }

    /** @return array{int, int} from, until, since midnight */
    public function minutes(): array
    {
        return [WallTime::minutes($this->from), WallTime::minutes($this->until)];
    }
}
