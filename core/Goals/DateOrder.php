<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

/** Whether the day or the month stands first in dates like "3/4/2027". */
enum DateOrder: string
{
    case DayFirst = 'day';
    case MonthFirst = 'month';
}
