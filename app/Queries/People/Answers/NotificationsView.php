<?php

declare(strict_types=1);

namespace App\Queries\People\Answers;

use App\Queries\Props;

/** What reaches a person, and how: notification choices, letters. */
final readonly class NotificationsView implements Props
{
    /**
     * @param list<NotificationChoiceRow> $notificationChoices for every notification event
     * @param list<LetterRow> $letters that were sent to them, the newest first
     */
    public function __construct(public array $notificationChoices, public array $letters)
    {
    }
}
