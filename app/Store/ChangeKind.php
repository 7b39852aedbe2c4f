<?php

declare(strict_types=1);

namespace App\Store;

enum ChangeKind: string
{
    case Change = 'change';
    case Undo = 'undo';
    case Redo = 'redo';
}
