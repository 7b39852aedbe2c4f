<?php

declare(strict_types=1);

namespace App\Queries\People\Answers;

use App\Models\Role;
use App\Queries\Parts\Answers\PersonTag;
use App\Queries\Parts\Answers\ProtectedHoursRow;
use App\Queries\Props;

final readonly class PersonRow implements Props
{
    /**
     * @param int $active active projects they own
     * @param int $open open tasks that the viewer may see
     * @param int $late of these, past their due date
     * @param list<HoursCell> $hours of the weeks ahead; none of somebody who left
     * @param list<ProtectedHoursRow> $kept hours that they keep, in the order of the week
     * @param bool $isAside whether they left
     */
    public function __construct(
        public PersonTag $person,
        public Role $role,
        public string $email,
        public int $weeklyHours,
        public int $active,
        public int $open,
        public int $late,
        public array $hours,
        public array $kept,
        public bool $isAside,
    ) {
    }
}
