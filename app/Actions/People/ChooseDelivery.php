<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\Delivery;
use App\Models\NotificationChoice;
use App\Models\NotificationEvent;
use App\Models\Person;
use App\Store\ChangeLog;
use App\Store\RefusedChange;

/** Says how a person wants to be told on an notification event. */
final readonly class ChooseDelivery
{
    public function __construct(private ChangeLog $log)
    {
    }

    /** @throws RefusedChange when a return date should not reach its owner at all */
    public function __invoke(Person $who, NotificationEvent $event, Delivery $delivery): void
    {
        if ($event === NotificationEvent::Returned && $delivery === Delivery::Nowhere) {
            throw new RefusedChange('delivery', 'Return dates always appear on the Day page. You can choose to get an e-mail as well');
        }

        $this->log->change($who, 'Changed your notifications', static function () use ($who, $event, $delivery): void {
            $choice = NotificationChoice::query()->where('person_id', $who->id)->where('event', $event)->first();
            ($choice ?? new NotificationChoice(['person_id' => $who->id, 'event' => $event]))->fill(['delivery' => $delivery])->save();
        });
    }
}
