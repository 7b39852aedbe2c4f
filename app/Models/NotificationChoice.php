<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;

/**
 * How one person wants to be told on one notification event.
 *
 * @property int $person_id
 * @property NotificationEvent $event
 * @property Delivery $delivery
 */
final class NotificationChoice extends Record
{
    protected $table = 'notification_choices';

    /**
     * Where a person wants to hear of it; where it usually is said, as long as they chose nothing else.
     *
     * @param Collection<int, self> $choices
     */
    public static function among(Collection $choices, int $person, NotificationEvent $event): Delivery
    {
        return $choices->first(static fn(self $choice): bool => $choice->person_id === $person && $choice->event === $event)->delivery ??
            $event->usual();
    }

    protected function casts(): array
    {
        return ['event' => NotificationEvent::class, 'delivery' => Delivery::class];
    }
}
