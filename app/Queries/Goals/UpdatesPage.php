<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Notification;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Goals\Answers\UpdateRow;
use App\Queries\Goals\Answers\Updates;
use App\Queries\Parts\Address;
use App\Queries\Parts\Answers\PersonTag;

final readonly class UpdatesPage
{
    /** How many are listed of those not read, and of those read. */
    private const MOST = 100;

    private const EARLIER = 30;

    public function __construct(private Workspace $workspace)
    {
    }

    public function of(Person $viewer): Updates
    {
        return new Updates($this->rows($viewer, false, self::MOST), $this->rows($viewer, true, self::EARLIER));
    }

    /** @return list<UpdateRow> */
    private function rows(Person $viewer, bool $isRead, int $most): array
    {
        $notifications = Notification::query()
            ->toldTo($viewer)
            ->whereNull('read_at', not: $isRead)
            ->with(['goal', 'task', 'project', 'issue', 'by'])
            ->orderByDesc('id')
            ->limit($most)
            ->get();

        return array_values(
            $notifications
                ->map(
                    fn(Notification $notification): UpdateRow => new UpdateRow(
                        id: $notification->id,
                        by: PersonTag::of($notification->by),
                        words: $notification->words,
                        link: Address::of($notification->about()),
                        title: $notification->about()->title,
                        on: $this->workspace->wallDay($notification->created_at),
                    ),
                )
                ->all(),
        );
    }
}
