<?php

declare(strict_types=1);

namespace App\Models;

enum AreaKind: string
{
    case Area = 'area';
    case Client = 'client';
    case Role = 'role';
}
