<?php

declare(strict_types=1);

namespace App\Queries\People\Answers;

use App\Queries\Props;
use Loftrin\Core\Calendar\Day;

/** What reaches a person, and how: reminders, notification choices, letters. */
final readonly class NotificationsView implements Props
{
    /**
     * @param list<ReminderRow> $reminders those to come, the next first
     * @param list<NotificationChoiceRow> $notificationChoices for every notification event
     * @param list<LetterRow> $letters that were sent to them, the newest first
     */
    public function __construct(public array $reminders, public array $notificationChoices, public array $letters, public Day $tomorrow)
    {
    }
}
