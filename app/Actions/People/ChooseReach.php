<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\NotificationChoice;
use App\Models\NotificationEvent;
use App\Models\Person;
use App\Models\Reach;
use App\Store\ChangeLog;
use App\Store\RefusedChange;

/** Says how a person wants to be told on an notification event. */
final readonly class ChooseReach
{
    public function __construct(private ChangeLog $log)
    {
    }

    /** @throws RefusedChange when a reminder should not reach its owner at all */
    public function __invoke(Person $who, NotificationEvent $event, Reach $reach): void
    {
        if ($event === NotificationEvent::Reminder && $reach === Reach::Nowhere) {
            throw new RefusedChange('reach', 'Return dates always appear on the Day page. You can choose to get an e-mail as well');
        }

        $this->log->change($who, 'Changed your notifications', static function () use ($who, $event, $reach): void {
            $choice = NotificationChoice::query()->where('person_id', $who->id)->where('event', $event)->first();
            ($choice ?? new NotificationChoice(['person_id' => $who->id, 'event' => $event]))->fill(['reach' => $reach])->save();
        });
    }
}
