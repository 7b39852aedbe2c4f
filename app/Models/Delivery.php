<?php

declare(strict_types=1);

namespace App\Models;

/** Where and when what somebody is told reaches them. */
enum Delivery: string
{
    case Updates = 'updates';
    case Mail = 'mail';
    case Morning = 'morning';
    case Nowhere = 'nowhere';
}
