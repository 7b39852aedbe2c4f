<?php

declare(strict_types=1);

namespace App\Queries\People;

use App\Models\Letter;
use App\Models\NotificationChoice;
use App\Models\NotificationEvent;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\People\Answers\LetterRow;
use App\Queries\People\Answers\NotificationChoiceRow;
use App\Queries\People\Answers\NotificationsView;
use Illuminate\Database\Eloquent\Builder;

final readonly class NotificationsPage
{
    private const LETTERS = 30;

    public function __construct(private Workspace $workspace)
    {
    }

    public function of(Person $viewer): NotificationsView
    {
        $notificationChoices = NotificationChoice::query()
            ->where('person_id', $viewer->id)
            ->get()
            ->keyBy(static fn(NotificationChoice $notificationChoice): string => $notificationChoice->event->value);

        return new NotificationsView(
            array_map(
                static fn(NotificationEvent $event): NotificationChoiceRow => new NotificationChoiceRow(
                    $event,
                    $notificationChoices->get($event->value)->delivery ?? $event->usual(),
                ),
                NotificationEvent::cases(),
            ),
            array_values(
                Letter::query()
                    ->where(static fn(Builder $either) => $either->where('person_id', $viewer->id)->orWhere('by_id', $viewer->id))
                    ->orderByDesc('id')
                    ->limit(self::LETTERS)
                    ->get()
                    ->map(
                        fn(Letter $letter): LetterRow => new LetterRow(
                            $letter->id,
                            $this->workspace->wallDay($letter->created_at),
                            $this->workspace->wallTime($letter->created_at),
                            $letter->outside,
                            $letter->subject,
                            $letter->body,
                        ),
                    )
                    ->all(),
            ),
        );
    }
}
