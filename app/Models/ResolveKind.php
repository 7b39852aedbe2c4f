<?php

declare(strict_types=1);

namespace App\Models;

enum ResolveKind: string
{
    /** One of the few activities that carry most. */
    case Driver = 'driver';

    /** Something to try; it ends with what was learned. */
    case Trial = 'trial';

    case Skill = 'skill';

    /** What we give up, to have room for the rest. */
    case GiveUp = 'give_up';
}
