<?php

declare(strict_types=1);

namespace App\Queries\People\Answers;

use App\Models\Delivery;
use App\Models\NotificationEvent;
use App\Queries\Props;

final readonly class NotificationChoiceRow implements Props
{
    public function __construct(public NotificationEvent $event, public Delivery $delivery)
    {
    }
}
