<?php

declare(strict_types=1);

namespace App\Queries\Goals;

enum LogKind: string
{
    case Comment = 'comment';
    case Reading = 'reading';
    case Estimate = 'estimate';
    case Judgement = 'judgement';
    case Closing = 'closing';
    case Change = 'change';
}
