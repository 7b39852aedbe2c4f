<?php

declare(strict_types=1);

namespace Loftrin\Core\Goals;

use InvalidArgumentException;

/** Dates of which nothing says whether the day or the month stands first: whoever wrote them has to say. */
final class UnclearDates extends InvalidArgumentException
{
}
